<?php

declare(strict_types=1);

namespace Zumbo\Core\Pacing;

/**
 * Set sizes one can remember: as many sets as the best plan has, multiples of five where that stays in the good range,
 * the bigger ones first (50 → 20-15-15).
 */
final class FriendlySets
{
    private const FIVE = 5;

    /**
     * @return non-empty-list<int> adding up to the reps
     */
    public static function of(int $reps, int $bestSet, int $from, int $to): array
    {
        $sets = max(1, (int) ceil($reps / max(1, $bestSet)));
        $even = self::split($reps, $sets, 1);
        if ($reps < 2 * self::FIVE * $sets) {
            return $even;
        }
        $friendly = self::split($reps, $sets, self::FIVE);

        return max($friendly) <= max($to, max($even)) && min($friendly) >= min($from, min($even)) - self::FIVE
            ? $friendly
            : $even;
    }

    /**
     * @return non-empty-list<int>
     */
    private static function split(int $reps, int $sets, int $unit): array
    {
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
