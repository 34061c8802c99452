<?php

declare(strict_types=1);

namespace Zumbo\App\Pacing;

use Zumbo\App\Shared\SentenceView;

/**
 * The set plan of a workout's doubles for one athlete.
 */
final readonly class PacingView
{
    /**
     * @param list<RoundView>  $rounds none: no set is planned yet
     * @param list<ScaledView> $ways
     */
    public function __construct(
        public string $athleteId,
        /** "20-15-15, restart each set with one single". */
        public SentenceView $plan,
        /** Whether breaking matters. */
        public SentenceView $matter,
        /** Where the chance of a miss is taken from. */
        public SentenceView $source,
        public array $rounds,
        public float $expectedS,
        /** One workout in ten is quicker. */
        public float $p10S,
        /** One in ten is slower. */
        public float $p90S,
        public float $unbrokenS,
        public array $ways,
    ) {
    }
}
