<?php

declare(strict_types=1);

namespace Zumbo\App\Story\Athlete;

/**
 * What share of goes reached so many reps, and its band.
 */
final readonly class StoryPointView
{
    public function __construct(public int $reps, public float $share, public float $low, public float $high)
    {
    }
}
