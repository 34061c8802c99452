<?php

declare(strict_types=1);

namespace Zumbo\Core\Rope;

use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\Verdict;

/**
 * One trim: how long the cable is after it, what is taken off each side, and what must be shown before.
 */
final readonly class TrimStep
{
    public function __construct(public Length $cable, public Length $offPerSide, public Verdict $gate)
    {
    }
}
