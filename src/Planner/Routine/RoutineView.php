<?php

declare(strict_types=1);

namespace Zumbo\App\Planner\Routine;

use Zumbo\App\Shared\BeatView;

/**
 * A freestyle routine.
 */
final readonly class RoutineView
{
    /**
     * @param list<RoutineChoiceView> $taught   moves that their stage is taught, the easier ones first
     * @param list<RoutineMoveView>   $moves    in order; empty: it begins with the stage of tempo
     * @param list<BeatView>          $beats    all of it in time
     * @param list<string>            $twoRopes titles of the drills that lead into two turned ropes, the turners first
     */
    public function __construct(
        public string $firstName,
        public array $taught,
        public array $moves,
        public array $beats,
        public float $seconds,
        public int $beatsPerMin,
        public array $twoRopes,
    ) {
    }
}
