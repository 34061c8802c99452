"""Writes special-functions.json: values of scipy.special that the core's own functions are checked against."""
import json
import pathlib
import scipy
from scipy import special

complements = [1.0, 0.9, 0.75, 0.5, 0.3, 0.1, 1e-2, 1e-4, 1e-8, 1e-12]
rows = {
    "origin": f"scipy.special {scipy.__version__}",
    "elliptic": [{"complement": c, "K": special.ellipkm1(c), "E": special.ellipe(1 - c)} for c in complements],
    "sn": [{"complement": c, "u": u, "sn": float(special.ellipj(u, 1 - c)[0])} for c in (1.0, 0.7, 0.3, 0.01) for u in (0.0, 0.3, 0.9, 1.5, 2.4)],
    "log_gamma": [{"x": x, "value": float(special.gammaln(x))} for x in (0.01, 0.5, 1.0, 1.5, 2.0, 3.3, 9.99, 10.0, 25.5, 1000.0, 1e6)],
}
pathlib.Path(__file__).with_name("special-functions.json").write_text(json.dumps(rows, indent=1) + "\n")
