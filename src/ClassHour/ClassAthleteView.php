<?php

declare(strict_types=1);

namespace Zumbo\App\ClassHour;

use Zumbo\App\Shared\BestView;
use Zumbo\App\Shared\Plan\DrillView;
use Zumbo\App\Shared\SentenceView;
use Zumbo\App\Shared\Today\AllowanceView;
use Zumbo\Core\Stage\Phase;
use Zumbo\Core\Stage\Stage;
use Zumbo\Core\Today\RopeState;

/**
 * One athlete on the plan of the hall: first name only, rope, cue, set, outlook.
 */
final readonly class ClassAthleteView
{
    /**
     * @param list<BestView> $bests by kind of entry, for a device that asks at once
     */
    public function __construct(
        public string $id,
        /** One to three letters, for the typed line; theirs for good. */
        public string $tag,
        public string $firstName,
        public Stage $stage,
        /** At which station they stand. */
        public Phase $station,
        public ?float $ropeM,
        /** What the rope needs, or that they are due to be measured; null: neither. */
        public ?SentenceView $beforeJumping,
        public RopeState $ropeState,
        /** "trim", "let out". */
        public string $ropeNext,
        public AllowanceView $allowance,
        /** Null: jumping is off today. */
        public ?DrillView $drill,
        /** Null: nothing of theirs is logged while their health forbids jumping. */
        public ?LoggedAsView $logs,
        /** Why this cue: the fault that is worked on, or the drill's own reason; null: no cue either. */
        public ?string $cueReason,
        public ?SentenceView $outlook,
        /** That a set in the outlook may be there twice; null: none. */
        public ?SentenceView $doubt,
        public array $bests,
        /** Something to heed before jumping. */
        public bool $caution,
        /** Entries logged today. */
        public int $entriesToday,
        /** Sets of today's drill that are not logged yet; null: no set today. */
        public ?int $setsOpen,
        /** Why a coach should go and look; null: no need to. */
        public ?SentenceView $look,
        /** Came along for this evening. */
        public bool $guest,
        /** What is told without being asked: ready, no longer getting better, worse since the trim; null: nothing. */
        public ?SentenceView $news,
        /** Put at their stage by two minutes, to be confirmed. */
        public bool $provisional,
    ) {
    }
}
