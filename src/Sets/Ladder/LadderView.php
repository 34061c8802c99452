<?php

declare(strict_types=1);

namespace Zumbo\App\Sets\Ladder;

use Zumbo\App\Shared\SentenceView;
use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Sets\Ladder\MissRule;

/**
 * What a ladder asks of an athlete.
 */
final readonly class LadderView
{
    /** Beyond that a number says nothing. */
    private const MOST = 99_999.0;

    /**
     * @param list<RungView> $rungs of one time through
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
        /** Through all rungs. */
        public int $times,
        public MissRule $missRule,
        /** Of all times through, without the calm singles that end the rungs. */
        public int $jumps,
        public int $turns,
        public int $exitJumps,
        /** With the goes and misses that are to be expected. */
        public int $contacts,
        /** Of all rungs at first go. */
        public float $chanceOfAll,
        /** Whether every rung is in reach: else nothing is started. */
        public bool $inReach,
        /** The highest top of that shape with every rung in reach; null: none. */
        public ?int $topInReach,
        /** By the miss rule. */
        public float $tries,
        public float $misses,
        public float $cleanS,
        public float $expectedS,
        /** Between two rungs. */
        public float $breakS,
        /** The same as an interval programme, for the clock of a class; null: a rung takes too long. */
        public ?string $byClock,
        public SentenceView $load,
    ) {
    }

    public static function shown(float $expected): float
    {
        return min(self::MOST, $expected);
    }
}
