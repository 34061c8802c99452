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

    /** As one says it; a code that nobody knows stands as it is. */
    public static function title(string $code): string
    {
        return match (true) {
            DrillTable::has($code) => DrillTable::named($code)->title,
            str_starts_with($code, self::LADDER) => 'Ladder: '.str_replace('-', ' ', substr($code, \strlen(self::LADDER))),
            str_starts_with($code, 'game-') => 'Game: '.str_replace('-', ' ', substr($code, 5)),
            default => ucfirst(str_replace('-', ' ', $code)),
        };
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
