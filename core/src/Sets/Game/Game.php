<?php

declare(strict_types=1);

namespace Zumbo\Core\Sets\Game;

use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Path\Gate;

/**
 * A game, by the name under which it stands in the record.
 */
enum Game: string
{
    case Cards = 'game-cards';
    case Feet = 'game-feet';
    case EachMinute = 'game-each-minute';
    case Relay = 'game-relay';

    /**
     * What is counted when it is logged. One more each minute and a relay are reps of the stage's own jump; cards and feet mix
     * jumps, so they say nothing about a gate and are logged the other way than it counts.
     */
    public function measuredBy(?Gate $gate): CountKind
    {
        return match ($this) {
            self::EachMinute, self::Relay => CountKind::Streak,
            self::Cards, self::Feet => CountKind::Hold === $gate?->countKind ? CountKind::Streak : CountKind::Hold,
        };
    }
}
