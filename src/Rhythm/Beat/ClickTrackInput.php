<?php

declare(strict_types=1);

namespace Zumbo\App\Rhythm\Beat;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\Core\Rhythm\Cadence;

/**
 * A pattern to be heard, how fast, and how often.
 */
final readonly class ClickTrackInput
{
    public function __construct(
        #[Assert\NotBlank] #[Assert\Length(max: 400)] public string $notation,
        /** Jumps a minute. */
        #[Assert\Range(min: Cadence::LEAST_PER_MINUTE, max: Cadence::MOST_PER_MINUTE)]
        public float $cadence = 100,
        #[Assert\Range(min: 1, max: 500)] public int $rounds = 16,
    ) {
    }
}
