<?php

declare(strict_types=1);

namespace Zumbo\Core\Gear;

use Zumbo\Core\Measure\Verdict;

/**
 * Behind each number of the rack, the trim path and the cut list: the rule it comes from, and how sure that is.
 */
final class GearSources
{
    public static function giving(): Verdict
    {
        return Verdict::of('why.giving', [
            'short_costs' => (int) RopeMatch::SHORT_COSTS,
            'most_short_m' => RopeMatch::MOST_SHORT_M,
            'most_long_m' => RopeMatch::MOST_LONG_M,
        ]);
    }

    public static function ideal(): Verdict
    {
        return Verdict::of('why.ideal');
    }

    public static function stock(): Verdict
    {
        return Verdict::of('why.stock');
    }

    public static function misses(): Verdict
    {
        return Verdict::of('why.misses', ['of' => TrimOutcome::PER_REPS]);
    }

    public static function outcome(): Verdict
    {
        return Verdict::of('why.outcome', ['in_ten' => (int) round(10 * TrimOutcome::SURE)]);
    }
}
