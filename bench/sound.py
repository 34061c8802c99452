"""Scores what was heard of the held-out takes, and what a general-purpose onset detector (aubioonset) makes of the same files.

Use: sound.py FOLDER. An onset is found when one is reported within 50 ms, each counted once (the usual MIREX criterion).
The reference has one band: its onsets are scored against turns, against landings, and against both together.
"""
import glob
import json
import os
import subprocess
import sys

WINDOW = 0.05


def hits(found, true):
    i = j = n = 0
    while i < len(found) and j < len(true):
        if abs(found[i] - true[j]) <= WINDOW:
            n, i, j = n + 1, i + 1, j + 1
        elif found[i] < true[j]:
            i += 1
        else:
            j += 1
    return n


class Score:
    def __init__(self):
        self.hit = self.found = self.true = 0

    def add(self, found, true):
        self.hit += hits(found, true)
        self.found += len(found)
        self.true += len(true)

    def __str__(self):
        return f"{2 * self.hit / max(1, self.found + self.true):.3f}"


levels = {}
for path in sorted(glob.glob(sys.argv[1] + "/*.wav")):
    truth = json.load(open(path[:-3] + "json"))
    heard = json.load(open(path[:-3] + "heard.json"))
    level = levels.setdefault(os.path.basename(path).split("-")[0], {"takes": 0, "exact": 0, "refused": 0, **{k: Score() for k in ("turns", "landings", "both", "ref turns", "ref landings", "ref both")}})
    out = subprocess.run(["aubioonset", "-i", path], capture_output=True, text=True, check=True).stdout
    reference = sorted(float(word) for word in out.split())
    both = sorted(truth["turns_s"] + truth["landings_s"])
    level["takes"] += 1
    level["refused"] += not heard["counts"]
    level["exact"] += heard["counts"] and heard["passes"] == truth["passes"]
    level["turns"].add(heard["turns_s"], truth["turns_s"])
    level["landings"].add(heard["landings_s"], truth["landings_s"])
    level["both"].add(sorted(heard["turns_s"] + heard["landings_s"]), both)
    level["ref turns"].add(reference, truth["turns_s"])
    level["ref landings"].add(reference, truth["landings_s"])
    level["ref both"].add(reference, both)
for name, level in sorted(levels.items(), reverse=True):
    print(f"sound: held out, {name}: F turns {level['turns']} (reference {level['ref turns']}), landings {level['landings']} ({level['ref landings']}), both {level['both']} ({level['ref both']}); counted exactly {level['exact']} of {level['takes']}, refused {level['refused']}")
