"""The held-out takes: recordings of one jumper with known truth, made apart from the analyser and its synthesiser.

manifest.json says what each take is made of; it was written before the analyser was tuned and is not changed after.
A take is built in numpy only: ticks are noise shaped in the spectrum, thuds are two sliding partials, the room is a few
reflections and a decaying tail, and the noise is a blend of white and pink with mains hum. `snr_db` is the mean power of
the jumper (with the room) over the whole take against that of the noise.

Use: generate.py FOLDER [MANIFEST]; writes NAME.wav and NAME.json (turns_s, landings_s, passes) for each take.
"""
import json
import pathlib
import sys
import wave

import numpy as np


def events(take, rng):
    """Landings and turns of a take: a beat with jitter, turns inside the flight, trips as a pause without a turn."""
    kinds = []
    for part in take["pattern"]:
        kinds += [part["passes"]] * part["count"]
    beat = 60.0 / take["cadence"]
    now = 0.8
    landings, turns, passes = [now], [], []
    while now < take["seconds"] - 1.0:
        kind = kinds[len(passes) % len(kinds)]
        tripped = (len(passes) + 1) in take.get("trips", [])
        length = beat * (1 + take["jitter"] * rng.standard_normal())
        contact = take["contact_s"]
        flight = max(0.12, length - contact)
        if tripped:
            length += 1.4
        else:
            for i in range(kind):
                share = (i + 0.5) / kind + 0.03 * rng.standard_normal()
                turns.append(now + contact + flight * min(0.92, max(0.08, share)))
        now += length
        landings.append(now)
        passes.append(0 if tripped else kind)
    return np.array(landings), np.array(sorted(turns)), passes


def add(signal, rate, at, sound, gain):
    start = int(round(at * rate))
    end = min(len(signal), start + len(sound))
    if 0 <= start < end:
        signal[start:end] += gain * sound[: end - start]


def tick(rate, rng, low, high, ms):
    """A burst of noise between two edges, dying in a few milliseconds."""
    n = int(0.03 * rate)
    spectrum = np.fft.rfft(rng.standard_normal(n))
    f = np.fft.rfftfreq(n, 1 / rate)
    spectrum *= np.exp(-(((f - (low + high) / 2) / ((high - low) / 2)) ** 4))
    burst = np.fft.irfft(spectrum, n) * np.exp(-np.arange(n) / (rate * ms / 1000))
    return burst / np.sqrt(np.mean(burst[: int(0.01 * rate)] ** 2))


def thud(rate, rng, hz, ms, slap):
    """Two partials that slide down, and the slap of the sole."""
    n = int(0.25 * rate)
    t = np.arange(n) / rate
    slide = hz * (1 + 0.25 * np.exp(-t / 0.02))
    phase = 2 * np.pi * np.cumsum(slide) / rate
    body = np.sin(phase) + 0.45 * np.sin(1.9 * phase + 1.0)
    body *= np.exp(-t / (ms / 1000)) * (1 - np.exp(-t / 0.003))
    sole = rng.standard_normal(n) * np.exp(-t / 0.006)
    sole = np.convolve(sole, np.ones(8) / 8, mode="same")
    return body + slap * sole


def room(signal, rate, take, rng):
    out = signal.copy()
    for ms, db in take.get("reflections", []):
        shift = int(ms / 1000 * rate)
        out[shift:] += 10 ** (db / 20) * signal[:-shift]
    if take.get("tail_s"):
        n = int(take["tail_s"] * rate)
        tail = rng.standard_normal(n) * np.exp(-6.9 * np.arange(n) / n)
        tail *= 10 ** (take["tail_db"] / 20) / np.sqrt(np.sum(tail**2))
        size = len(signal) + n
        out += np.fft.irfft(np.fft.rfft(signal, size) * np.fft.rfft(tail, size), size)[: len(signal)]
    return out


def pink(n, rng):
    spectrum = np.fft.rfft(rng.standard_normal(n))
    f = np.arange(len(spectrum))
    spectrum[1:] /= np.sqrt(f[1:])
    spectrum[0] = 0
    noise = np.fft.irfft(spectrum, n)
    return noise / np.std(noise)


def music(n, rate, rng):
    """Slow chords with a tune over them, no drums."""
    out = np.zeros(n)
    step = int(0.48 * rate)
    roots = [196.0, 220.0, 174.6, 261.6]
    for i, start in enumerate(range(0, n, step)):
        end = min(n, start + step)
        t = np.arange(end - start) / rate
        soft = np.minimum(1, t / 0.06) * np.exp(-t / 0.5)
        root = roots[(i // 4) % 4]
        for ratio in (1, 1.25, 1.5, [2, 2.25, 2.5, 3][rng.integers(4)]):
            for harmonic in range(1, 6):
                out[start:end] += soft * np.sin(2 * np.pi * root * ratio * harmonic * t) / harmonic**1.5
    return out / np.std(out)


def jumper(take, rate, n, rng):
    landings, turns, passes = events(take, rng)
    signal = np.zeros(n)
    for at in turns:
        wobble = 10 ** (take["tick_spread_db"] * rng.standard_normal() / 20)
        add(signal, rate, at, tick(rate, rng, *take["tick_hz"], take["tick_ms"]), take["tick"] * wobble)
    for at in landings:
        wobble = 10 ** (1.5 * rng.standard_normal() / 20)
        hz = take["thud_hz"] * (1 + 0.06 * rng.standard_normal())
        flam = rng.uniform(0, 0.012)
        for foot in (0.0, flam):
            add(signal, rate, at + foot, thud(rate, rng, hz, take["thud_ms"], take["slap"]), 0.6 * wobble)
    return signal, landings, turns, passes


def make(take):
    rng = np.random.default_rng(take["seed"])
    rate = take["rate"]
    n = int(take["seconds"] * rate)
    signal, landings, turns, passes = jumper(take, rate, n, rng)
    signal = room(signal, rate, take, rng)
    power = np.mean(signal**2)
    noise = take["white"] * rng.standard_normal(n) + (1 - take["white"]) * pink(n, rng)
    noise += take.get("hum", 0) * np.sin(2 * np.pi * 50 * np.arange(n) / rate)
    mix = signal + noise * np.sqrt(power / np.mean(noise**2)) * 10 ** (-take["snr_db"] / 20)
    if "other" in take:
        other, _, _, _ = jumper({**take, **take["other"]}, rate, n, rng)
        other = room(other, rate, take, rng)
        mix += other * np.sqrt(power / np.mean(other**2)) * 10 ** (take["other"]["db"] / 20)
    if "music_db" in take:
        mix += music(n, rate, rng) * np.sqrt(power) * 10 ** (take["music_db"] / 20)
    mix *= 0.7 / np.max(np.abs(mix))
    return mix, landings, turns, passes


def main(folder, manifest):
    folder = pathlib.Path(folder)
    folder.mkdir(parents=True, exist_ok=True)
    for take in json.loads(pathlib.Path(manifest).read_text())["takes"]:
        mix, landings, turns, passes = make(take)
        with wave.open(str(folder / (take["name"] + ".wav")), "wb") as out:
            out.setnchannels(1)
            out.setsampwidth(2)
            out.setframerate(take["rate"])
            out.writeframes((mix * 32767).astype("<i2").tobytes())
        truth = {"turns_s": [round(t, 6) for t in turns], "landings_s": [round(t, 6) for t in landings], "passes": passes}
        (folder / (take["name"] + ".json")).write_text(json.dumps(truth))


if __name__ == "__main__":
    main(sys.argv[1], sys.argv[2] if len(sys.argv) > 2 else pathlib.Path(__file__).parent / "manifest.json")
