<?php

declare(strict_types=1);

namespace Zumbo\Core\Pacing;

/**
 * Set sizes one can remember: multiples of five, the bigger ones first (50 → 20-15-15), as long as they cost at most 1 % more than
 * the best plan; else even ones; and where these cost more too, the cheapest of all.
 */
final class FriendlySets
{
    private const FIVE = 5;

    /** So much of the time more than the best plan, and no more. */
    public const AS_GOOD = 0.01;

    /** Sets more or fewer than the best plan has, that are looked at as well. */
    private const BESIDE = 1;

    /**
     * @param float $workS what the reps take without a miss or a break
     *
     * @return non-empty-list<int> adding up to the reps
     */
    public static function of(SetPlan $best, float $workS): array
    {
        $usual = \count(self::path($best));
        if (1 === $usual) {
            return [$best->reps];
        }
        $cheapest = [\INF, [$best->reps]];
        foreach ([self::FIVE, 1] as $unit) {
            for ($sets = max(1, $usual - self::BESIDE); $sets <= $usual + self::BESIDE; ++$sets) {
                $plan = self::split($best->reps, $sets, $unit);
                $cheapest = min($cheapest, [$workS + $best->lossAlong($plan), $plan]);
            }
            if ($cheapest[0] <= (1 + self::AS_GOOD) * ($workS + $best->expectedLossS())) {
                break;
            }
        }

        return $cheapest[1];
    }

    /**
     * The first set forced, the rest planned anew after it: the sizes around the best one that stay within 1 % of its time.
     *
     * @return array{from: int, to: int}
     */
    public static function firstSets(SetPlan $best, float $workS): array
    {
        $loss = $best->lossByFirstSet();
        $most = (1 + self::AS_GOOD) * ($workS + $best->expectedLossS());
        $good = static fn (int $set): bool => isset($loss[$set]) && $workS + $loss[$set] <= $most;
        $from = $to = $best->choice[$best->reps];
        while ($good($from - 1)) {
            --$from;
        }
        while ($good($to + 1)) {
            ++$to;
        }

        return ['from' => $from, 'to' => $to];
    }

    /**
     * @return non-empty-list<int> the sets of a plan as long as nothing is missed
     */
    public static function path(SetPlan $plan): array
    {
        $sets = [];
        for ($left = $plan->reps; $left > 0; $left -= $plan->choice[$left]) {
            $sets[] = $plan->choice[$left];
        }

        return [] === $sets ? [$plan->reps] : $sets;
    }

    /**
     * @return non-empty-list<int>
     */
    public static function split(int $reps, int $sets, int $unit): array
    {
        $sets = min($sets, $reps);
        $each = intdiv(intdiv($reps, $sets), $unit) * $unit;
        $plan = array_fill(0, $sets, $each);
        $left = $reps - $each * $sets;
        for ($i = 0; $left > 0; $i = ($i + 1) % $sets) {
            $add = min($unit, $left);
            $plan[$i] += $add;
            $left -= $add;
        }
        rsort($plan);

        $plan = array_values(array_filter($plan, static fn (int $set): bool => $set > 0));

        return [] === $plan ? [$reps] : $plan;
    }
}
