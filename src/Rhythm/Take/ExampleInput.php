<?php

declare(strict_types=1);

namespace Zumbo\App\Rhythm\Take;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\App\Platform\Input\OneOf;
use Zumbo\Core\Rhythm\Cadence;
use Zumbo\Core\Rhythm\JumperFault;

/**
 * Somebody invented: what they jump, how, and for how long. The same seed is the same take.
 */
final readonly class ExampleInput
{
    public function __construct(
        #[Assert\Length(min: 1, max: 400)] public string $notation = '3s d',
        #[Assert\Range(min: Cadence::LEAST_PER_MINUTE, max: Cadence::MOST_PER_MINUTE)]
        public float $cadence = 104,
        #[Assert\Range(min: 2, max: 60)] public float $seconds = 20,
        #[OneOf(JumperFault::class)] public string $fault = 'none',
        #[Assert\Range(min: 0, max: 1000000)] public int $seed = 1,
        /** Signal over noise, decibels. */
        #[Assert\Range(min: 0, max: 60)] public float $noiseDb = 25,
    ) {
    }
}
