<?php

declare(strict_types=1);

namespace Zumbo\Core\Plan\Choice;

/**
 * What no choice can cost less than, by Lagrange relaxation of "everybody takes exactly one" and "there is only so much" (method:
 * A. M. Geoffrion, Mathematical Programming Study 2 (1974) 82–114, from memory). For prices u of the people and v of the scarce
 * things, c of an option and f of opening it,
 *
 *     L(u, v) = Σ uᵢ − Σ v_e·stock_e + Σ_d min(0, f_d + Σ min(0, c_id + Σ v_e − uᵢ)),
 *
 * the inner sum over the people whom d saves most, as many as there is stock for. All prices give a bound, v from 0; a
 * subgradient search looks for good ones.
 */
final readonly class LowerBound
{
    private const STEPS = 240;
    private const SHRINK_AFTER = 10;

    /**
     * @param array<int, float>    $prices of the people
     * @param array<string, float> $rents  of the scarce things
     */
    private function __construct(private Choices $choices, private array $prices, private array $rents, public float $value)
    {
    }

    /** @param float $above the cost of a choice that is known */
    public static function of(Choices $choices, float $above): self
    {
        $people = range(0, $choices->people() - 1);
        $at = new self(
            $choices,
            array_map(static fn (array $own): float => min($own), $choices->costs),
            array_fill_keys(array_keys($choices->stock), 0.0),
            0.0,
        );
        $best = $at;
        [$scale, $since] = [1.0, 0];
        for ($step = 0; $step < self::STEPS; ++$step) {
            [$value, $taken, $used] = $at->relaxed($people, []);
            if ($value > $best->value + 1e-9) {
                [$best, $since] = [new self($choices, $at->prices, $at->rents, $value), 0];
            } elseif (++$since >= self::SHRINK_AFTER) {
                [$at, $scale, $since] = [$best, $scale / 2, 0];
                [$value, $taken, $used] = $at->relaxed($people, []);
            }
            $next = $above - $best->value > 1e-9 ? $at->stepped($taken, $used, $scale * ($above - $value)) : null;
            if (null === $next) {
                break;
            }
            $at = $next;
        }

        return $best;
    }

    /**
     * The least that the people who are left can cost.
     *
     * @param list<int>          $left
     * @param array<int, mixed>  $open options that are paid for already, by number
     * @param array<string, int> $used how many of each thing are taken already
     */
    public function ofRest(array $left, array $open, array $used): float
    {
        $rent = 0.0;
        foreach ($used as $thing => $times) {
            $rent += $times * ($this->rents[$thing] ?? 0.0);
        }

        return $rent + $this->relaxed($left, $open)[0];
    }

    /**
     * @param array<int, int>    $taken
     * @param array<string, int> $used
     *
     * @return self|null null: nothing points anywhere
     */
    private function stepped(array $taken, array $used, float $length): ?self
    {
        $slopes = array_map(static fn (int $times): int => 1 - $times, $taken);
        $over = [];
        foreach ($this->rents as $thing => $rent) {
            $slope = ($used[$thing] ?? 0) - $this->choices->stock[$thing];
            $over[$thing] = $rent > 0.0 || $slope > 0 ? $slope : 0;
        }
        $square = array_sum(array_map(static fn (int $slope): int => $slope * $slope, [...array_values($slopes), ...array_values($over)]));
        if (0 === $square) {
            return null;
        }
        $prices = $this->prices;
        foreach ($slopes as $person => $slope) {
            $prices[$person] += ($length * $slope) / $square;
        }
        $rents = $this->rents;
        foreach ($over as $thing => $slope) {
            $rents[$thing] = max(0.0, $rents[$thing] + ($length * $slope) / $square);
        }

        return new self($this->choices, $prices, $rents, 0.0);
    }

    /**
     * @param list<int>         $left
     * @param array<int, mixed> $open
     *
     * @return array{float, array<int, int>, array<string, int>} the bound, how often each person is taken, and each thing
     */
    private function relaxed(array $left, array $open): array
    {
        $value = 0.0;
        $savings = $taken = $used = [];
        foreach ($this->rents as $thing => $rent) {
            $value -= $rent * $this->choices->stock[$thing];
        }
        foreach ($left as $person) {
            $price = $this->prices[$person];
            $value += $price;
            $taken[$person] = 0;
            foreach ($this->choices->costs[$person] as $option => $cost) {
                foreach ($this->choices->needs[$option] ?? [] as $thing) {
                    $cost += $this->rents[$thing] ?? 0.0;
                }
                if ($cost < $price) {
                    $savings[$option][$person] = $cost - $price;
                }
            }
        }
        foreach ($savings as $option => $saved) {
            $most = $this->choices->most($option);
            if (\count($saved) > $most) {
                asort($saved);
                $saved = \array_slice($saved, 0, $most, true);
            }
            $all = array_sum($saved) + (isset($open[$option]) ? 0.0 : $this->choices->opening[$option] ?? 0.0);
            if ($all < 0.0) {
                $value += $all;
                foreach (array_keys($saved) as $person) {
                    ++$taken[$person];
                }
                foreach ($this->choices->needs[$option] ?? [] as $thing) {
                    $used[$thing] = ($used[$thing] ?? 0) + \count($saved);
                }
            }
        }

        return [$value, $taken, $used];
    }
}
