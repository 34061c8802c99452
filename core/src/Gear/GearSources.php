<?php

declare(strict_types=1);

namespace Zumbo\Core\Gear;

use Zumbo\Core\Measure\Term;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Rope\Handle;
use Zumbo\Core\Rope\Measuring;
use Zumbo\Core\Rope\School;

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

    public static function ideal(Handle $handle): Verdict
    {
        return Verdict::of('why.ideal', ['handle_m' => $handle->length->metres()]);
    }

    /** Printed on the strip: the rule it was made by. */
    public static function strip(School $forBeginners, Handle $handle, ?Measuring $measuring = null): Verdict
    {
        $measuring ??= Measuring::bySchool();

        return Verdict::of('why.strip', [
            'school' => Term::of($forBeginners),
            'stance' => Term::of($measuring->stanceOf($forBeginners)),
            'reading' => Term::of($measuring->readingOf($forBeginners)),
            'handle_m' => $handle->length->metres(),
        ]);
    }

    public static function stock(): Verdict
    {
        return Verdict::of('why.stock');
    }

    public static function misses(): Verdict
    {
        return Verdict::of('why.misses', ['of' => TrimOutcome::PER_TRIES]);
    }

    public static function outcome(): Verdict
    {
        return Verdict::of('why.outcome', ['least' => TrimOutcome::LEAST_TRIES]);
    }
}
