<?php

declare(strict_types=1);

namespace Zumbo\Core\Pacing\Together;

/**
 * Everybody done within so much of each other, by the least total change: nobody gets more than the workout, each one's number is
 * lowered only as far as it must be.
 *
 * Exact: the last one to finish finishes at the time of one of somebody's numbers. For each such time everybody takes the number with
 * the least change among those that end in the window before it; the window with the least sum is the answer.
 */
final readonly class LevelClass
{
    private const SAME = 1e-9;

    /**
     * @param array<array-key, LevelOption> $chosen  by who they are
     * @param list<array-key>               $outside whom no number brings in; they keep what leaves them nearest
     */
    private function __construct(public array $chosen, public array $outside, public float $change)
    {
    }

    /**
     * @param array<array-key, non-empty-list<LevelOption>> $options      of each
     * @param float                                         $withinS      from the first to the last, on average
     * @param float                                         $leastDoubles that each keeps; who can't have so many keeps all
     */
    public static function of(array $options, float $withinS, float $leastDoubles = 0.0): self
    {
        $allowed = array_map(
            static fn (array $all): array => self::withLeast($all, $leastDoubles),
            $options,
        );
        $best = null;
        foreach (self::ends($allowed) as $end) {
            $tried = self::upTo($end, $withinS, $allowed);
            if (null === $best || [\count($tried->outside), $tried->change] < [\count($best->outside), $best->change - self::SAME]) {
                $best = $tried;
            }
        }

        return $best ?? new self([], [], 0.0);
    }

    /** From the first to the last of those who are in, on average. */
    public function spreadS(): float
    {
        $in = array_diff_key($this->chosen, array_flip($this->outside));
        $times = array_map(static fn (LevelOption $one): float => $one->expectedS, $in);

        return [] === $times ? 0.0 : max($times) - min($times);
    }

    /**
     * @param array<array-key, non-empty-list<LevelOption>> $allowed
     *
     * @return list<float> the latest first
     */
    private static function ends(array $allowed): array
    {
        $ends = [];
        foreach ($allowed as $all) {
            foreach ($all as $one) {
                $ends[(string) round($one->expectedS, 6)] = $one->expectedS;
            }
        }
        rsort($ends);

        return $ends;
    }

    /**
     * @param array<array-key, non-empty-list<LevelOption>> $allowed
     */
    private static function upTo(float $end, float $withinS, array $allowed): self
    {
        $chosen = $outside = [];
        $change = 0.0;
        foreach ($allowed as $who => $all) {
            $in = null;
            $near = $all[0];
            foreach ($all as $one) {
                $fits = $one->expectedS <= $end + self::SAME && $one->expectedS >= $end - $withinS - self::SAME;
                if ($fits && (null === $in || $one->change < $in->change)) {
                    $in = $one;
                }
                $near = abs($one->expectedS - $end) < abs($near->expectedS - $end) ? $one : $near;
            }
            if (null === $in) {
                $outside[] = $who;
            }
            $chosen[$who] = $in ?? $near;
            $change += $chosen[$who]->change;
        }

        return new self($chosen, $outside, $change);
    }

    /**
     * @param non-empty-list<LevelOption> $all
     *
     * @return non-empty-list<LevelOption>
     */
    private static function withLeast(array $all, float $least): array
    {
        $kept = array_values(array_filter($all, static fn (LevelOption $one): bool => $one->doubles >= $least - self::SAME));

        return [] === $kept ? [$all[\count($all) - 1]] : $kept;
    }
}
