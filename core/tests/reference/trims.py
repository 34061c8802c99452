"""P(miss chance after < before) for pairs of beta posteriors, by scipy's quad; written to trims.json. Run: python3 trims.py > trims.json"""
import json

from scipy.integrate import quad
from scipy.stats import beta

CASES = [(400, 20, 200, 4), (400, 20, 200, 10), (400, 20, 200, 18), (60, 12, 30, 2), (0, 0, 50, 5), (1500, 30, 800, 40), (90, 9, 10, 1)]


def better(reps_before, misses_before, reps_after, misses_after):
    before = beta(1 + reps_before, 1 + misses_before)
    after = beta(1 + reps_after, 1 + misses_after)
    mean = after.mean()
    return quad(lambda p: before.cdf(p) * after.pdf(p), 0, 1, points=[mean], limit=400, epsabs=1e-10)[0]


rows = [{"before": case[:2], "after": case[2:], "better": round(better(*case), 8)} for case in CASES]
print(json.dumps({"origin": "scipy.integrate.quad over scipy.stats.beta; trims.py", "cases": rows}, indent=0))
