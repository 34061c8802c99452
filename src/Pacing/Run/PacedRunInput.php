<?php

declare(strict_types=1);

namespace Zumbo\App\Pacing\Run;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\App\Entity\Plan\OwnWorkout;
use Zumbo\App\Platform\Clock\PastInstant;
use Zumbo\Core\Pacing\Run\RunLegs;

/**
 * A workout that an athlete was paced through.
 */
final readonly class PacedRunInput
{
    /**
     * @param list<PacedLeg> $legs in order
     */
    public function __construct(
        #[Assert\Uuid(versions: [7])] public string $athleteId,
        #[Assert\NotBlank] #[Assert\Length(max: OwnWorkout::MOST_TEXT)] public string $workout,
        /** As the plan said before the start. */
        #[Assert\Range(min: 0, max: 36_000)] public float $expectedS,
        #[Assert\Range(min: 0, max: 36_000)] public float $p10S,
        #[Assert\Range(min: 0, max: 36_000)] public float $p90S,
        /** By how much the band had been widened. */
        #[Assert\Range(min: 1, max: 10)] public float $wider,
        /** It was done to its end. */
        public bool $finished,
        #[Assert\Count(min: 1, max: RunLegs::MOST)] #[Assert\Valid] public array $legs,
        /** When the clock started, like 2026-11-24T18:42:00Z. */
        #[Assert\Regex(PastInstant::PATTERN, message: PastInstant::EXAMPLE)] public string $startedAt,
    ) {
    }
}
