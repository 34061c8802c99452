<?php

declare(strict_types=1);

namespace Zumbo\Core\Load;

use Zumbo\Core\Stage\Stage;

/**
 * Contacts that are enough for one session, and for one week.
 *
 * That beginners and the young are capped is common practice, no published source; the numbers are our assumption: five
 * minutes of jumping at first, fifteen at the end; half of it under 12, three quarters from 12 to 15 and from 60 on.
 */
final class SessionLoad
{
    /** Sessions that a week is worth. */
    public const SESSIONS_A_WEEK = 3;

    private const CAP = [
        'jump' => 400,
        'turn' => 400,
        'join' => 500,
        'singles' => 700,
        'range' => 800,
        'snap' => 700,
        'mix' => 900,
        'link' => 1000,
        'hold' => 1300,
        'workout' => 1500,
    ];

    /**
     * @param int|null $age null: not known, taken as grown up
     */
    public static function cap(Stage $stage, ?int $age): int
    {
        return (int) round(self::share($age) * self::CAP[$stage->value]);
    }

    public static function weekCap(Stage $stage, ?int $age): int
    {
        return self::SESSIONS_A_WEEK * self::cap($stage, $age);
    }

    private static function share(?int $age): float
    {
        return match (true) {
            null === $age => 1.0,
            $age < 12 => 0.5,
            $age < 16, $age >= 60 => 0.75,
            default => 1.0,
        };
    }
}
