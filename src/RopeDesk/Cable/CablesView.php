<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Cable;

use Zumbo\App\Shared\SentenceView;

/**
 * Every cable there is, in one athlete's hands.
 */
final readonly class CablesView
{
    /**
     * @param list<CableRowView> $cables  families first, from felt to fast, then the gym's own
     * @param list<SentenceView> $reasons why the recommended one
     */
    public function __construct(
        /** The cable length they are compared at. */
        public float $cableLengthM,
        public array $cables,
        public array $reasons,
        /** Turns a minute at which the pull is told: while learning, and in doubles. */
        public float $learningTurnsPerMin,
        public float $doublesTurnsPerMin,
        public CableSourcesView $sources,
    ) {
    }
}
