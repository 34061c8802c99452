<?php

declare(strict_types=1);

namespace Zumbo\App\Sets\Game;

use Symfony\Component\Validator\Constraints as Assert;

/**
 * One more each minute.
 */
final readonly class EachMinuteInput
{
    public function __construct(
        /** Reps of the first minute. */
        #[Assert\Range(min: 1, max: 60)] public int $first = 5,
        /** Each minute's reps at one go; else restarts count within the minute. */
        public bool $unbroken = false,
    ) {
    }
}
