<?php

declare(strict_types=1);

namespace Zumbo\Core\Sets;

use Zumbo\Core\Drill\DrillShelf;
use Zumbo\Core\Drill\DrillTable;
use Zumbo\Core\Sets\Game\Game;
use Zumbo\Core\Sets\Interval\IntervalProgramme;
use Zumbo\Core\Sets\Ladder\LadderFamily;

/**
 * The names under which work stands in the record: the drills, the ladders, the interval sets, the games, paced workouts.
 */
final class WorkCode
{
    /** The doubles of a paced workout. */
    public const WORKOUT = 'workout';

    private const LADDER = 'ladder-';

    public static function ofLadder(LadderFamily $family): string
    {
        return self::LADDER.$family->value;
    }

    /**
     * @return list<string>
     */
    public static function all(): array
    {
        return [
            ...DrillTable::codes(),
            ...array_map(self::ofLadder(...), LadderFamily::cases()),
            IntervalProgramme::CODE,
            self::WORKOUT,
            ...array_column(Game::cases(), 'value'),
            DrillShelf::OWN,
        ];
    }
}
