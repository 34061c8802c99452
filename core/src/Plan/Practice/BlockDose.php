<?php

declare(strict_types=1);

namespace Zumbo\Core\Plan\Practice;

use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Drill\Drill;
use Zumbo\Core\Measure\Rate;
use Zumbo\Core\Rhythm\PatternTiming;

/**
 * How much of a drill fits a time and the contacts that are left: sets, and the aim of each.
 *
 * Rests as long as the work, from 15 s to a minute, and six seconds for a single try (common practice, no published source).
 */
final readonly class BlockDose
{
    private const LEAST_REST_S = 15;
    private const MOST_REST_S = 60;
    private const LEAST_TRY_S = 6.0;
    private const MOST_SETS = 10;

    private function __construct(
        public int $sets,
        /** Reps of a streak, tries, or seconds of a hold, in each set. */
        public int $aim,
        public int $restS,
        /** At most: a go that ends early costs fewer. */
        public int $contacts,
    ) {
    }

    /**
     * @param int $aim      what a set aims at, where there is time and room for it
     * @param int $contacts that are left for it
     *
     * @return self|null null: there is not even room for the smallest set
     */
    public static function of(Drill $drill, int $aim, int $seconds, int $contacts): ?self
    {
        /** @var \WeakMap<Drill, array{float, float}> $known a drill never changes, and to time its pattern takes a while */
        static $known = new \WeakMap();
        [$each, $landings] = $known[$drill] ??= self::ofOne($drill);
        $aim = min($aim, max(1, (int) floor($seconds / $each)));
        $perSet = (int) ceil($aim * $landings);
        if ($perSet > $contacts) {
            $aim = (int) floor($contacts / $landings);
            $perSet = (int) ceil($aim * $landings);
        }
        if ($aim < 1 || $perSet > $contacts) {
            return null;
        }
        $work = $aim * $each;
        $rest = (int) round(min(self::MOST_REST_S, max(self::LEAST_REST_S, $work)));
        $sets = min(self::MOST_SETS, max(1, (int) floor(($seconds + $rest) / ($work + $rest))));
        if ($perSet > 0) {
            $sets = min($sets, intdiv($contacts, $perSet));
        }

        return new self($sets, $aim, $rest, $sets * $perSet);
    }

    /**
     * @return array{float, float} seconds and landings of one rep, try or second
     */
    private static function ofOne(Drill $drill): array
    {
        $beats = PatternTiming::of($drill->pattern, Rate::perMinute((float) $drill->cadence));
        $long = $beats[\count($beats) - 1]->endS ?? 1.0;
        $jumps = max(1, $drill->pattern->jumps());
        $still = $drill->isWithoutLandings();

        return match ($drill->countKind) {
            CountKind::Hold => [1.0, $drill->contactsPerMinute() / 60],
            CountKind::Streak => [$long / $jumps, $still ? 0.0 : $drill->pattern->contacts() / $jumps],
            CountKind::Tries => [max(self::LEAST_TRY_S, $long), $still ? 0.0 : (float) $drill->pattern->contacts()],
        };
    }
}
