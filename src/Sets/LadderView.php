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
        /** With the repeats and misses that are to be expected. */
        public int $contacts,
        /** Of all rungs at first go. */
        public float $chanceOfAll,
        /** Whether every rung is in reach: else nothing is started. */
        public bool $inReach,
        /** The highest top of that shape with every rung in reach; null: none. */
        public ?int $topInReach,
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
