<?php

declare(strict_types=1);

namespace Zumbo\Core\Gear;

use Zumbo\Core\Measure\Verdict;

/**
 * What is looked at on a rope before somebody jumps with it (common practice, no published source).
 */
enum InspectionPoint: string
{
    case BearingSpins = 'bearing-spins';
    case NoKinks = 'no-kinks';
    case CoatingWhole = 'coating-whole';
    case NoStrands = 'no-strands';
    case ScrewsTight = 'screws-tight';
    case EndsSafe = 'ends-safe';
    case SidesEven = 'sides-even';

    /** What fails is in the handles: a pair of them mends it, and the cable stays. */
    public function isOfHandles(): bool
    {
        return self::BearingSpins === $this || self::ScrewsTight === $this;
    }

    /** What to do, and what must be seen. */
    public function howTo(): Verdict
    {
        return Verdict::of('inspect.'.$this->value);
    }
}
