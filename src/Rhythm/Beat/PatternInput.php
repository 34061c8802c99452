<?php

declare(strict_types=1);

namespace Zumbo\App\Rhythm\Beat;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\Core\Rhythm\Cadence;

/**
 * A pattern as it is written, and how fast.
 */
final readonly class PatternInput
{
    public function __construct(
        #[Assert\NotBlank] #[Assert\Length(max: 400)] public string $notation,
        /** Jumps a minute. */
        #[Assert\Range(min: Cadence::LEAST_PER_MINUTE, max: Cadence::MOST_PER_MINUTE)]
        public float $cadence = 100,
        /** Whose chance is told; left out: nobody's. */
        #[Assert\Uuid(versions: [7])] public ?string $athleteId = null,
    ) {
    }
}
