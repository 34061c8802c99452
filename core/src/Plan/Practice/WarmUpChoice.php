<?php

declare(strict_types=1);

namespace Zumbo\Core\Plan\Practice;

use Zumbo\Core\Drill\Drill;
use Zumbo\Core\Drill\DrillTable;
use Zumbo\Core\Method\WarmUp;
use Zumbo\Core\Stage\Stage;

/**
 * Fills a warm-up or a cool-down to the second: what matters most first, each in its order, the last one as long as it takes.
 *
 * Which things belong to it is common practice, no published source; that shins, wrists and calves come first where time is
 * short is our assumption.
 */
final class WarmUpChoice
{
    /** In the order in which they are done; the number says what is left out last. */
    private const WARM_UP = [
        'arm-circles' => 5,
        'shoulder-rolls' => 7,
        'palms-together' => 2,
        'wrist-rocks' => 3,
        'heel-walks' => 1,
        'calf-and-thigh-stretch' => 4,
        'lunges' => 9,
        'air-squats' => 6,
        'jumping-jacks' => 10,
        'boxer-step-dry' => 8,
    ];
    private const WITH_THE_ROPE = 'easy-rope';
    private const COOL_DOWN = ['cool-calves' => 1, 'cool-shins' => 2];

    /** Between the parts of the warm-up, for who has doubles (common practice, no published source). */
    private const BETWEEN = 'between-the-sets';
    private const BETWEEN_S = 30;
    private const BETWEEN_FROM_S = 240;

    /** In a shorter one everybody stays on the ground: a class does the same, and the first set is an easy one. */
    private const LANDINGS_FROM_S = 300;
    private const SHORTEST_S = 15;

    /** What costs contacts goes by steps of so long, so that a class does the same; what fills the time by such. */
    private const A_STEP_S = 15;
    private const IN_STEPS_OF_S = 5;

    /**
     * @return list<WarmUpItem> they add up to the seconds
     */
    public static function warmUp(Participant $athlete, int $seconds, int $contacts): array
    {
        $jumps = $athlete->jumps();
        $between = $jumps && !$athlete->stage->isBefore(Stage::Link) && $seconds >= self::BETWEEN_FROM_S;
        $ranks = self::WARM_UP;
        if ($jumps && WarmUp::WithTheRope === $athlete->ways->warmUp) {
            $ranks = [self::WITH_THE_ROPE => 0, ...$ranks];
        }
        $items = self::filled($ranks, $athlete, $between ? $seconds - self::BETWEEN_S : $seconds, $contacts);
        if (!$between) {
            return $items;
        }
        $drill = DrillTable::named(self::BETWEEN);
        $dose = $drill->fits($athlete->ways)
            ? BlockDose::of($drill, $drill->aim, self::BETWEEN_S, max(0, $contacts - self::contacts($items)))
            : null;

        return null === $dose
            ? self::filled($ranks, $athlete, $seconds, $contacts)
            : [...$items, WarmUpItem::of($drill, self::BETWEEN_S, $dose->contacts)];
    }

    /**
     * @return list<WarmUpItem>
     */
    public static function coolDown(Participant $athlete, int $seconds): array
    {
        return self::filled(self::COOL_DOWN, $athlete, $seconds, 0);
    }

    /**
     * @param list<WarmUpItem> $items
     */
    public static function contacts(array $items): int
    {
        return array_sum(array_map(static fn (WarmUpItem $item): int => $item->contacts, $items));
    }

    /**
     * @param array<string, int> $ranks what is left out last, by code in the order of doing
     *
     * @return list<WarmUpItem>
     */
    private static function filled(array $ranks, Participant $athlete, int $seconds, int $contacts): array
    {
        $order = $ranks;
        asort($order);
        $taken = [];
        $left = $seconds;
        foreach (array_keys($order) as $code) {
            $drill = DrillTable::named($code);
            $rate = $drill->contactsPerMinute() / 60;
            $most = $rate > 0.0 ? self::A_STEP_S * intdiv((int) floor($contacts / $rate), self::A_STEP_S) : $left;
            $long = min($left, $drill->aim, $most);
            $tooShort = $rate > 0.0 && self::WITH_THE_ROPE !== $code && $seconds < self::LANDINGS_FROM_S;
            if ($long < self::SHORTEST_S || $tooShort || !self::suits($drill, $athlete)) {
                continue;
            }
            $taken[$code] = $long;
            $left -= $long;
            $contacts -= self::landings($drill, $long);
        }

        return self::stretched($taken, array_keys($ranks), $left);
    }

    /**
     * What is left over makes everything longer that is done without a landing; the parts add up to the second.
     *
     * @param array<string, int> $taken seconds by code
     * @param list<string>       $order
     *
     * @return list<WarmUpItem>
     */
    private static function stretched(array $taken, array $order, int $left): array
    {
        $codes = array_values(array_filter($order, static fn (string $code): bool => isset($taken[$code])));
        $calm = array_values(array_filter($codes, static fn (string $code): bool => DrillTable::named($code)->isWithoutLandings()));
        $all = array_sum(array_map(static fn (string $code): int => $taken[$code], $calm));
        $given = 0;
        foreach ($calm as $i => $code) {
            $share = self::IN_STEPS_OF_S * intdiv(intdiv($left * $taken[$code], $all), self::IN_STEPS_OF_S);
            $more = $i === \count($calm) - 1 ? $left - $given : $share;
            $taken[$code] += $more;
            $given += $more;
        }

        $items = array_map(static function (string $code) use ($taken): WarmUpItem {
            $drill = DrillTable::named($code);

            return WarmUpItem::of($drill, $taken[$code], self::landings($drill, $taken[$code]));
        }, $codes);

        return $left > $given ? [...$items, WarmUpItem::rest($left - $given)] : $items;
    }

    private static function suits(Drill $drill, Participant $athlete): bool
    {
        return $drill->spares($athlete->allowance->sore)
            && ($drill->isWithoutLandings() || $athlete->jumps());
    }

    private static function landings(Drill $drill, int $seconds): int
    {
        return (int) ceil(($drill->contactsPerMinute() * $seconds) / 60);
    }
}
