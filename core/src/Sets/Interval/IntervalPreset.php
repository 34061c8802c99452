<?php

declare(strict_types=1);

namespace Zumbo\Core\Sets\Interval;

/**
 * Interval sets that everybody jumps, as common practice has them (no published source).
 */
enum IntervalPreset: string
{
    case TwentyTen = '20/10 x8';
    case Speed = '30/30 x4: singles for speed';
    case Endurance = '30/30; 45/30; 60/30; 90/60; 2:00';
    case Rounds = '1:30/60; 2:00/60; 3:00';
    case FourStations = '20/10 x2: jumps without a rope, one-hand turns, tall singles, doubles';
    case HundredForTime = '2:00: 100 singles';

    public function title(): string
    {
        return match ($this) {
            self::TwentyTen => '20 s work, 10 s rest, eight times',
            self::Speed => '30 s for speed: completed turns count, restarts are free',
            self::Endurance => 'Endurance: longer each time, without a miss',
            self::Rounds => 'Rounds of 1:30, 2 and 3 min',
            self::FourStations => 'Four stations at 20/10, twice through',
            self::HundredForTime => '100 for time',
        };
    }
}
