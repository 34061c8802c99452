<?php

declare(strict_types=1);

namespace Zumbo\Core\Load;

use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Stage\Stage;

/**
 * Whether a set fits into what the legs should take in one session.
 */
final class SessionLoad
{
    /** The young get three quarters of it while they grow. */
    private const YOUNG_BELOW = 16;
    private const YOUNG_SHARE = 0.75;

    /**
     * Contacts that are enough for one session, by stage. That beginners and the young are capped is common practice,
     * no published source; the numbers are our assumption: five minutes of jumping at first, fifteen at the end.
     */
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
        $cap = self::CAP[$stage->value];

        return null !== $age && $age < self::YOUNG_BELOW ? (int) round(self::YOUNG_SHARE * $cap) : $cap;
    }

    /**
     * @param int $contacts of the set that is planned
     * @param int $before   logged earlier in the day
     */
    public static function of(Stage $stage, ?int $age, int $contacts, int $before): Verdict
    {
        $cap = self::cap($stage, $age);

        return Verdict::of($contacts + $before <= $cap ? 'load.within' : 'load.over', [
            'contacts' => $contacts,
            'before' => $before,
            'cap' => $cap,
        ]);
    }
}
