"""Cases for ladders under a miss rule, the card deck and the hall, by other means than the core's: exact fractions and Markov
chains, hand-worked totals, proven packings. Writes sets-and-hall.json beside it; needs Python alone."""
import json
import math
from fractions import Fraction
from pathlib import Path


def tries_to_run(p: Fraction, length: int) -> Fraction:
    """Trials until the first run of that many successes: (p^-r - 1)/(1 - p), Feller, vol. 1, XIII.7."""
    return (p ** -length - 1) / (1 - p)


def solve(matrix: list[list[Fraction]], right: list[Fraction]) -> list[Fraction]:
    """Gauss, exact."""
    n = len(right)
    rows = [list(row) + [right[i]] for i, row in enumerate(matrix)]
    for i in range(n):
        pivot = next(j for j in range(i, n) if rows[j][i] != 0)
        rows[i], rows[pivot] = rows[pivot], rows[i]
        rows[i] = [value / rows[i][i] for value in rows[i]]
        for j in range(n):
            if j != i and rows[j][i] != 0:
                rows[j] = [a - rows[j][i] * b for a, b in zip(rows[j], rows[i])]
    return [row[n] for row in rows]


def goes(chances: list[Fraction], rule: str) -> Fraction:
    """Expected goes until the ladder is through: a Markov chain over its rungs."""
    if rule == 'carry-on':
        return Fraction(len(chances))
    n = len(chances)
    matrix, right = [], []
    for i, made in enumerate(chances):
        back = i if rule == 'repeat' else max(0, i - 1)
        row = [Fraction(int(i == j)) for j in range(n)]
        row[back] -= 1 - made
        if i + 1 < n:
            row[i + 1] -= made
        matrix.append(row)
        right.append(Fraction(1))
    return solve(matrix, right)[0]


# For n points in a unit square the greatest least distance (proven; Schaer 1965, Schaer and Meir 1965; from memory).
SPREAD = {2: math.sqrt(2), 3: math.sqrt(6) - math.sqrt(2), 4: 1.0, 5: math.sqrt(2) / 2, 6: math.sqrt(13) / 6,
          7: 4 - 2 * math.sqrt(3), 8: (math.sqrt(6) - math.sqrt(2)) / 2, 9: 0.5}


def least_side(n: int, radius: float) -> float:
    """Side of the smallest square hall in which so many clear circles of that radius have room."""
    return 2 * radius + 2 * radius / SPREAD[n]


def main() -> None:
    half = Fraction(1, 2)
    runs = [{'p': '1/2', 'length': r, 'tries': str(tries_to_run(half, r))} for r in (2, 3, 5, 10)]
    runs += [{'p': '19/20', 'length': r, 'tries': str(tries_to_run(Fraction(19, 20), r))} for r in (5, 10, 20)]
    ladders = []
    for p in (Fraction(19, 20), Fraction(4, 5)):
        for name, rungs in (('rising', [1, 2, 3, 4, 5]), ('pyramid', [1, 2, 3, 2, 1]), ('falling', [5, 4, 3, 2, 1])):
            chances = [p ** rung for rung in rungs]
            ladders.append({
                'family': name, 'p': str(p), 'rungs': rungs, 'jumps': sum(rungs),
                'all_at_once': float(math.prod(chances)),
                'goes': {rule: float(goes(chances, rule)) for rule in ('repeat', 'step-down', 'carry-on')},
            })
    numbers, suits = sum(range(2, 11)), 4
    decks = [
        # By hand: 54 in numbers each suit, three court cards and an ace, two jokers.
        {'court': 10, 'ace': 11, 'joker': 20, 'cards': 54, 'points': suits * (numbers + 3 * 10 + 11) + 2 * 20},
        {'court': 10, 'ace': 1, 'joker': 0, 'cards': 54, 'points': suits * (numbers + 3 * 10 + 1)},
        {'court': 15, 'ace': 11, 'joker': 50, 'cards': 54, 'points': suits * (numbers + 3 * 15 + 11) + 2 * 50},
        {'court': 10, 'ace': 11, 'joker': 20, 'cards': 52, 'points': suits * (numbers + 3 * 10 + 11)},
    ]
    games = {
        'countdown_per_foot': {'from': 5, 'each_foot': 15, 'landings': 30},
        'foot_pyramid': {'top': 5, 'landings': 25},
        # One more each minute at so many reps a second: the last minute that can be filled.
        'one_more_each_minute': [{'reps_per_s': r, 'first': 1, 'last_minute': math.floor(60 * r)} for r in (0.5, 1.6, 1.8)],
    }
    halls = [{'people': n, 'radius_m': 1.3, 'least_side_m': round(least_side(n, 1.3), 6)} for n in SPREAD]
    Path(__file__).with_suffix('.json').write_text(json.dumps(
        {'runs': runs, 'ladders': ladders, 'decks': decks, 'games': games, 'halls': halls}, indent=1) + '\n')


main()
