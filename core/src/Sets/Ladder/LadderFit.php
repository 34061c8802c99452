<?php

declare(strict_types=1);

namespace Zumbo\Core\Sets\Ladder;

use Zumbo\Core\Measure\Verdict;

/**
 * The ladder that suits somebody: start, step, top and times, searched through and weighed by the aim.
 *
 * Practice: the chance of the top rung near 85 in 100 (R. C. Wilson et al., Nature Communications 10:4646 (2019)), then
 * the time or the contacts used. Test: the highest rung that is
 * made once in three goes, over about six rungs. Tire: the contacts used, at
 * chances that keep one going. The weights are our assumption; docs/models/ladders.md.
 */
final readonly class LadderFit
{
    private const STARTS = [1, 2, 3, 4, 5, 6, 8, 10, 15, 20];
    private const STEPS = [1, 2, 3, 5, 10];

    /** Nobody climbs higher by rungs. */
    private const HIGHEST = 60;

    /** Two chances as far apart as that are two ladders to an athlete. */
    private const APART = 0.02;

    private const A_TENTH_OFF = 10.0;
    private const UNUSED = 1.0;
    private const A_RUNG_TOO_FEW = 0.3;
    private const FEW_RUNGS = 3;
    private const ODD_SHAPE = 0.05;
    private const RUNGS_OF_A_TEST = 6;

    /** Beyond that a test is misses only. */
    private const LIMIT_OF_A_TEST = 1 / 3;

    /**
     * @param list<FittedLadder> $alternatives at most two
     */
    private function __construct(
        /** Null: not even its first rung is in reach. */
        public ?FittedLadder $best,
        public array $alternatives,
    ) {
    }

    public static function of(LadderWish $wish, LadderPace $pace): self
    {
        $rungs = self::rungsInReach($wish, $pace);
        $found = [];
        foreach (array_keys($rungs) as $top) {
            foreach (self::shapes($wish->family, $top) as [$start, $step]) {
                $one = self::weighed($wish, $pace, $rungs, $start, $step, $top);
                if (null !== $one) {
                    $found[] = $one;
                }
            }
        }
        usort($found, static fn (array $one, array $other): int => $one[4] <=> $other[4]);
        if ([] === $found) {
            return new self(null, []);
        }
        $best = self::ladder($wish, $pace, $rungs, $found[0]);
        $others = \array_slice($found, 1);

        return new self($best->because(self::why($wish->aim, $best)), self::alternatives($wish, $pace, $rungs, $best, $others));
    }

    /**
     * The outlook of the rung of each number, from 1 as far as it is in reach, or as the test goes.
     *
     * @return array<int<1, max>, RungOutlook>
     */
    private static function rungsInReach(LadderWish $wish, LadderPace $pace): array
    {
        $rungs = [];
        for ($number = 1; $number <= self::HIGHEST; ++$number) {
            $rung = $pace->outlook(self::single($wish, $number))->rungs[0];
            if ($rung->isOutOfReach() || (LadderAim::Test === $wish->aim && $rung->chance < self::LIMIT_OF_A_TEST)) {
                break;
            }
            $rungs[$number] = $rung;
        }

        return $rungs;
    }

    private static function single(LadderWish $wish, int $number): Ladder
    {
        return $wish->ladder($number, 1, $number, 1);
    }

    /**
     * @return list<array{int, int}> start and step
     */
    private static function shapes(LadderFamily $family, int $top): array
    {
        if (LadderFamily::Unbroken === $family) {
            return [[$top, 1]];
        }
        $shapes = [];
        foreach (array_filter(self::STARTS, static fn (int $start): bool => $start <= $top) as $start) {
            foreach (array_filter(self::STEPS, static fn (int $step): bool => 1 === $step || $step <= $top - $start) as $step) {
                $shapes[] = [$start, $step];
            }
        }

        return $shapes;
    }

    /**
     * Sums alone, without an object for each rung: thousands of shapes are weighed.
     *
     * @param array<int<1, max>, RungOutlook> $rungs
     *
     * @return array{int, int, int, int, float}|null start, step, top, times and cost; null: there is no time for it, or not so
     *                                               many contacts
     */
    private static function weighed(LadderWish $wish, LadderPace $pace, array $rungs, int $start, int $step, int $top): ?array
    {
        $numbers = $wish->family->numbers($start, $step, $top);
        $chances = [];
        foreach ($numbers as $number) {
            $chances[] = $rungs[max(1, $number)]->chance;
        }
        $course = $wish->rule->goes($chances);
        $seconds = $course['breaks'] * $pace->breakS;
        $contacts = 0.0;
        foreach ($numbers as $i => $number) {
            $rung = $rungs[max(1, $number)];
            $seconds += $course['goes'][$i] * $rung->secondsAGo;
            $contacts += $course['goes'][$i] * ($rung->jumpsAGo + 1 - $rung->chance);
        }
        $times = $wish->times($seconds, $contacts, $pace->breakS);
        if ($times < 1) {
            return null;
        }
        $share = $wish->share($times * $seconds + ($times - 1) * $pace->breakS, $times * $contacts);
        $cost = self::cost($wish, \count($numbers), $share, $rungs, $top) + self::ODD_SHAPE * (log($start) + log($step));

        return [$start, $step, $top, $times, $cost];
    }

    /**
     * @param array<int<1, max>, RungOutlook> $rungs
     */
    private static function cost(LadderWish $wish, int $climbed, float $share, array $rungs, int $top): float
    {
        $off = $rungs[max(1, $top)]->chance - LadderVerdict::BEST_CHANCE;
        $tooFew = LadderFamily::Unbroken === $wish->family ? 0.0 : self::A_RUNG_TOO_FEW * max(0, self::FEW_RUNGS - $climbed);

        return match ($wish->aim) {
            LadderAim::Practise => self::A_TENTH_OFF * abs($off) + self::UNUSED * (1 - $share) + $tooFew,
            LadderAim::Test => self::A_TENTH_OFF * (1 - $top / \count($rungs))
                + abs($climbed - self::RUNGS_OF_A_TEST) / self::RUNGS_OF_A_TEST,
            LadderAim::Tire => self::A_TENTH_OFF * (1 - $share) + self::A_TENTH_OFF * max(0.0, -$off) + $tooFew,
        };
    }

    /**
     * @param array<int<1, max>, RungOutlook>  $rungs
     * @param array{int, int, int, int, float} $shape
     */
    private static function ladder(LadderWish $wish, LadderPace $pace, array $rungs, array $shape): FittedLadder
    {
        [$start, $step, $top, $times] = $shape;
        $climbed = array_map(static fn (int $number): RungOutlook => $rungs[max(1, $number)], $wish->family->numbers($start, $step, $top));

        return new FittedLadder(
            $start,
            $step,
            $top,
            $times,
            LadderOutlook::ofRungs($climbed, $times, $pace->breakS, $wish->rule),
            $rungs[max(1, $top)]->chance,
        );
    }

    private static function why(LadderAim $aim, FittedLadder $best): Verdict
    {
        return match ($aim) {
            LadderAim::Practise => Verdict::of('ladder.chosen_practise', self::values($best)),
            LadderAim::Test => Verdict::of('ladder.chosen_test', self::values($best)),
            LadderAim::Tire => Verdict::of('ladder.chosen_tire', self::values($best)),
        };
    }

    /**
     * The best that is easier, and the best that is harder; where there is none, the next best of another shape.
     *
     * @param array<int<1, max>, RungOutlook>        $rungs
     * @param list<array{int, int, int, int, float}> $others the best one first
     *
     * @return list<FittedLadder>
     */
    private static function alternatives(LadderWish $wish, LadderPace $pace, array $rungs, FittedLadder $best, array $others): array
    {
        $found = [];
        foreach ($others as $shape) {
            $by = $rungs[max(1, $shape[2])]->chance - $best->chanceOfTop;
            $code = match (true) {
                $by > self::APART => 'easier',
                $by < -self::APART => 'harder',
                $shape[2] === $best->top => 'same top',
                default => null,
            };
            if (null !== $code && !isset($found[$code])) {
                $found[$code] = self::ladder($wish, $pace, $rungs, $shape);
            }
            if (isset($found['easier'], $found['harder'])) {
                break;
            }
        }
        $said = [];
        if (isset($found['easier'])) {
            $said[] = $found['easier']->because(Verdict::of('ladder.easier', self::values($found['easier'])));
        }
        if (isset($found['harder'])) {
            $said[] = $found['harder']->because(Verdict::of('ladder.harder', self::values($found['harder'])));
        }
        if (isset($found['same top']) && \count($said) < 2) {
            $said[] = $found['same top']->because(Verdict::of('ladder.same_top', self::values($found['same top'])));
        }

        return $said;
    }

    /**
     * @return array<string, int>
     */
    private static function values(FittedLadder $one): array
    {
        return [
            'top' => $one->top,
            'in_100' => (int) round(100 * $one->chanceOfTop),
            'times' => $one->times,
            'contacts' => (int) round($one->outlook->expectedContacts()),
            'minutes' => (int) max(1, round($one->outlook->expectedS() / 60)),
        ];
    }
}
