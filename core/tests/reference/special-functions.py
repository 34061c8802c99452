"""Writes special-functions.json: values of scipy.special that the core's own functions are checked against."""
import json
import pathlib
import scipy
from scipy import integrate, special, stats

complements = [1.0, 0.9, 0.75, 0.5, 0.3, 0.1, 1e-2, 1e-4, 1e-8, 1e-12]
rows = {
    "origin": f"scipy.special {scipy.__version__}",
    "elliptic": [{"complement": c, "K": special.ellipkm1(c), "E": special.ellipe(1 - c)} for c in complements],
    "sn": [{"complement": c, "u": u, "sn": float(special.ellipj(u, 1 - c)[0])} for c in (1.0, 0.7, 0.3, 0.01) for u in (0.0, 0.3, 0.9, 1.5, 2.4)],
    "log_gamma": [{"x": x, "value": float(special.gammaln(x))} for x in (0.01, 0.5, 1.0, 1.5, 2.0, 3.3, 9.99, 10.0, 25.5, 1000.0, 1e6)],
    "beta": [
        {"alpha": a, "beta": b, "x": x, "cdf": float(special.betainc(a, b, x)), "q10": float(special.betaincinv(a, b, 0.1)), "q975": float(special.betaincinv(a, b, 0.975))}
        for a, b, x in ((1, 1, 0.3), (0.5, 0.5, 0.2), (2, 60, 0.05), (524, 26, 0.95), (50, 3, 0.9), (12, 2, 0.99), (1e4, 30, 0.997), (3, 1e3, 0.002))
    ],
    "beta_binomial": [
        {"alpha": a, "beta": b, "clean": k, "tries": n, "at_least": float(stats.betabinom.sf(k - 1, n, a, b))}
        for a, b, k, n in ((1, 1, 8, 10), (9, 2, 8, 10), (31, 5, 8, 10), (2, 9, 1, 10), (4, 4, 0, 3), (90, 10, 4800, 5000))
    ],
    "beta_below": [
        {"alpha": a, "beta": b, "other_alpha": c, "other_beta": d,
         "chance": float(integrate.quad(lambda x: stats.beta.pdf(x, a, b) * stats.beta.sf(x, c, d), 0, 1, epsabs=1e-13, epsrel=1e-12, limit=400, points=[a / (a + b), c / (c + d)])[0])}
        for a, b, c, d in ((1, 1, 1, 1), (3, 40, 5, 30), (10, 272, 13, 489), (31, 200, 1, 20), (2, 2, 60, 9))
    ],
}
pathlib.Path(__file__).with_name("special-functions.json").write_text(json.dumps(rows, indent=1) + "\n")
