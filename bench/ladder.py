"""The same ladder as ladder.php with numpy, a rung at a time as arrays. Prints the expected seconds and ms."""
import time

import numpy as np


def expected():
    n = np.arange(31) / 40
    q = -np.expm1(-np.diff(n**1.5))
    survived = np.concatenate(([1.0], np.cumprod(1 - q)))
    total = 29 * 5.0
    for rung in range(1, 31):
        failed = survived[:rung] * q[:rung]
        total += rung * 0.58 + (failed * (np.arange(rung) * 0.58 + 8.0)).sum() / survived[rung]
    return total


expected()
start = time.perf_counter()
for _ in range(50):
    result = expected()
print(f"{result:.6f} {(time.perf_counter() - start) * 1000 / 50:.4f}")
