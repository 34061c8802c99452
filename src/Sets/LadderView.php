<?php

declare(strict_types=1);

namespace Zumbo\App\Sets;

use Zumbo\App\Shared\SentenceView;
use Zumbo\Core\Drill\CountKind;

/**
 * What a ladder asks of an athlete.
 */
final readonly class LadderView
{
    /**
     * @param list<RungView> $rungs
     */
    public function __construct(
        public string $athleteId,
        /** Under which it is logged. */
        public string $code,
        /** What is counted when a rung is logged. */
        public CountKind $countKind,
        /** How it will go, as a sentence. */
        public SentenceView $outlook,
        /** Where the chance of a miss is taken from. */
        public SentenceView $source,
        public array $rungs,
        public int $jumps,
        public int $turns,
        public int $contacts,
        public float $tries,
        public float $misses,
        public float $cleanS,
        public float $expectedS,
        /** Between two rungs. */
        public float $breakS,
        public SentenceView $load,
    ) {
    }
}
