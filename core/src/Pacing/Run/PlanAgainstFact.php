<?php

declare(strict_types=1);

namespace Zumbo\Core\Pacing\Run;

use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Pacing\Workout\StationKind;

/**
 * A workout as it went, held against its plan, and the one thing to change.
 *
 * Inside the band nothing is changed. Outside of it the question is where the seconds lie: at the other stations, in a start that
 * was too fast, in misses, in one mishap, in the breaks, in the reps. Order and shares are ours (common practice, no published source).
 */
final readonly class PlanAgainstFact
{
    /** So much of what was lost lies in one place: that place is it (our assumption). */
    private const MOST = 0.6;

    /** Misses so many, or more, come by chance less often than this: they are more than expected (our assumption). */
    private const RARE = 0.05;

    /** Of a workout that the clock ends there is no band: so near is as planned (our assumption). */
    private const CLOSE = 0.05;

    private function __construct(
        public OneThing $thing,
        /** The same with what it rests on. */
        public Verdict $say,
        public float $takenS,
        public float $plannedS,
        /** Counted; null: nobody counted all of them. */
        public ?int $misses,
        /** On average. */
        public float $expectedMisses,
    ) {
    }

    /**
     * @param list<DoneLeg> $done     in order, as far as it went
     * @param float         $low      of the band of the whole workout's time; as the high one: the clock ended it
     * @param bool          $finished the workout was done to its end
     */
    public static function of(array $done, float $low, float $high, bool $finished): self
    {
        $touched = TouchedLegs::all($done);
        $where = new WhereItWent($touched);
        $taken = array_sum(array_map(static fn (TouchedLegs $one): float => $one->takenS, $touched));
        $planned = array_sum(array_map(static fn (TouchedLegs $one): float => $one->plannedS, $touched));
        $rope = array_values(array_filter($done, static fn (DoneLeg $one): bool => $one->leg->isRope()));
        $counted = array_filter($rope, static fn (DoneLeg $one): bool => null === $one->misses);
        $misses = [] === $counted ? array_sum(array_map(static fn (DoneLeg $one): int => $one->misses ?? 0, $rope)) : null;
        $expected = array_sum(array_map(static fn (DoneLeg $one): float => $one->leg->misses, $rope));

        $held = $finished && ($high > $low ? $taken >= $low && $taken <= $high : abs($taken - $planned) <= self::CLOSE * $planned);
        $thing = match (true) {
            $held => OneThing::Keep,
            2 * \count($touched) < \count($done) => OneThing::TouchEach,
            !$finished => self::stopped($where, $misses, $expected),
            default => self::changed($where, $taken - $planned, $misses, $expected),
        };

        return new self(
            $thing,
            Verdict::of(self::code($thing, $held), self::values($thing, $touched, $rope, $misses, $expected)),
            $taken,
            $planned,
            $misses,
            $expected,
        );
    }

    private static function code(OneThing $thing, bool $held): string
    {
        return OneThing::Keep === $thing && !$held ? 'fact.mishap' : $thing->value;
    }

    private static function stopped(WhereItWent $where, ?int $misses, float $expected): OneThing
    {
        $ropeLate = $where->late(true);

        return self::tooMany($misses, $expected) || $ropeLate > max(0.0, $where->late(false))
            ? OneThing::FewerDoubles
            : OneThing::StoppedElsewhere;
    }

    private static function changed(WhereItWent $where, float $late, ?int $misses, float $expected): OneThing
    {
        $ropeLate = $where->late(true);
        $sign = $late < 0.0 ? -1 : 1;
        if ($sign * $where->late(false) >= $sign * $ropeLate) {
            return OneThing::WriteStation;
        }

        return match (true) {
            $late < 0.0 => OneThing::Bolder,
            $where->tooFast() => OneThing::StartSlower,
            self::tooMany($misses, $expected) => OneThing::SmallerSets,
            $where->mishap($ropeLate) => OneThing::Keep,
            null === $misses => OneThing::CountMisses,
            $where->lateAfterPauses() >= self::MOST * $ropeLate => OneThing::ShorterBreaks,
            $where->slowWithoutMisses() => OneThing::OwnPace,
            default => OneThing::RestartSooner,
        };
    }

    /** So many, or more, would hardly come by chance (Poisson). */
    private static function tooMany(?int $misses, float $expected): bool
    {
        if (null === $misses || $misses <= $expected) {
            return false;
        }
        $term = exp(-$expected);
        $fewer = 0.0;
        for ($k = 0; $k < $misses; ++$k) {
            $fewer += $term;
            $term *= $expected / ($k + 1);
        }

        return 1 - $fewer < self::RARE;
    }

    /**
     * @param list<TouchedLegs> $touched
     * @param list<DoneLeg>     $rope
     *
     * @return array<string, float|int|string>
     */
    private static function values(OneThing $thing, array $touched, array $rope, ?int $misses, float $expected): array
    {
        return match ($thing) {
            OneThing::WriteStation => self::station($touched),
            OneThing::SmallerSets, OneThing::FewerDoubles => [
                'misses' => $misses ?? 0,
                'expected' => $expected,
                'round' => $rope[self::firstBad($rope)]->leg->round ?? 1,
            ],
            OneThing::OwnPace => ['a_minute' => self::doublesAMinute($touched)],
            OneThing::RestartSooner => ['misses' => $misses ?? 0],
            default => [],
        };
    }

    /**
     * @param list<TouchedLegs> $touched
     *
     * @return array{station: string, taken_s: float, planned_s: float} where most of it went
     */
    private static function station(array $touched): array
    {
        $byName = [];
        foreach ($touched as $one) {
            $leg = $one->single()?->leg;
            if (null !== $leg && !$leg->isRope()) {
                $byName[$leg->name][] = $one;
            }
        }
        $found = ['station' => '', 'taken_s' => 0.0, 'planned_s' => 0.0];
        $most = -1.0;
        foreach ($byName as $name => $legs) {
            $late = array_sum(array_map(static fn (TouchedLegs $one): float => $one->lateS(), $legs));
            if (abs($late) > $most) {
                $most = abs($late);
                $found = [
                    'station' => $name,
                    'taken_s' => array_sum(array_map(static fn (TouchedLegs $one): float => $one->takenS, $legs)) / \count($legs),
                    'planned_s' => array_sum(array_map(static fn (TouchedLegs $one): float => $one->plannedS, $legs)) / \count($legs),
                ];
            }
        }

        return $found;
    }

    /**
     * The leg from which on the misses are more than expected.
     *
     * @param list<DoneLeg> $rope
     */
    private static function firstBad(array $rope): int
    {
        foreach ($rope as $i => $one) {
            if (($one->misses ?? 0) > $one->leg->misses + sqrt(max(1.0, $one->leg->misses))) {
                return $i;
            }
        }

        return 0;
    }

    /**
     * @param list<TouchedLegs> $touched
     */
    private static function doublesAMinute(array $touched): float
    {
        $reps = $taken = 0.0;
        foreach ($touched as $one) {
            $leg = $one->single();
            if (null !== $leg && StationKind::Doubles === $leg->leg->kind && 0 === $leg->misses) {
                $reps += $leg->leg->reps;
                $taken += $one->takenS - $leg->leg->pauseS;
            }
        }

        return $taken > 0.0 ? 60 * $reps / $taken : 0.0;
    }
}
