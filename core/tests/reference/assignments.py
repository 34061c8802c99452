"""Solves 200 generated tables with scipy's linear_sum_assignment; writes what served and cost are. Run: python3 assignments.py > assignments.json"""
import json

import numpy as np
from scipy.optimize import linear_sum_assignment

BIG = 10**7


def table(rows, columns, seed):
    def draw():
        nonlocal seed
        seed = (1103515245 * seed + 12345) % 2147483648
        return seed >> 8

    return [[None if draw() % 100 < 35 else draw() % 400 for _ in range(columns)] for _ in range(rows)]


def solve(cost):
    matrix = np.array([[BIG if one is None else one for one in row] for row in cost])
    rows, columns = linear_sum_assignment(matrix)
    prices = [matrix[i, j] for i, j in zip(rows, columns) if matrix[i, j] < BIG]
    return len(prices), int(sum(prices))


tables = []
for i in range(200):
    rows, columns = 1 + (7 * i) % 40, 1 + (11 * i) % 60
    served, cost = solve(table(rows, columns, 1000 + i))
    tables.append({"rows": rows, "columns": columns, "seed": 1000 + i, "served": served, "cost": cost})
print(json.dumps({"origin": "scipy.optimize.linear_sum_assignment; assignments.py", "tables": tables}, indent=0))
