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
        usort($found, static fn (FittedLadder $one, FittedLadder $other): int => $one->cost <=> $other->cost);
        $best = array_shift($found);

        return null === $best
            ? new self(null, [])
            : new self($best->because(self::why($wish->aim, $best)), self::alternatives($best, $found));
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
     * @param array<int<1, max>, RungOutlook> $rungs
     *
     * @return FittedLadder|null null: there is no time for it, or not so many contacts
     */
    private static function weighed(LadderWish $wish, LadderPace $pace, array $rungs, int $start, int $step, int $top): ?FittedLadder
    {
        $climbed = array_map(static fn (int $number): RungOutlook => $rungs[max(1, $number)], $wish->family->numbers($start, $step, $top));
        $times = $wish->times(LadderOutlook::ofRungs($climbed, 1, $pace->breakS, $wish->rule), $pace->breakS);
        if ($times < 1) {
            return null;
        }
        $outlook = LadderOutlook::ofRungs($climbed, $times, $pace->breakS, $wish->rule);

        return new FittedLadder(
            $start,
            $step,
            $top,
            $times,
            $outlook,
            $rungs[max(1, $top)]->chance,
            self::cost($wish, $outlook, $rungs, $top) + self::ODD_SHAPE * (log($start) + log($step)),
        );
    }

    /**
     * @param array<int<1, max>, RungOutlook> $rungs
     */
    private static function cost(LadderWish $wish, LadderOutlook $outlook, array $rungs, int $top): float
    {
        $chance = $rungs[max(1, $top)]->chance;
        $unused = 1 - $wish->share($outlook);
        $tooFew = LadderFamily::Unbroken === $wish->family ? 0.0 : self::A_RUNG_TOO_FEW * max(0, self::FEW_RUNGS - \count($outlook->rungs));

        return match ($wish->aim) {
            LadderAim::Practise => self::A_TENTH_OFF * abs($chance - LadderVerdict::BEST_CHANCE) + self::UNUSED * $unused + $tooFew,
            LadderAim::Test => self::A_TENTH_OFF * (1 - $top / \count($rungs))
                + abs(\count($outlook->rungs) - self::RUNGS_OF_A_TEST) / self::RUNGS_OF_A_TEST,
            LadderAim::Tire => self::A_TENTH_OFF * $unused + self::A_TENTH_OFF * max(0.0, LadderVerdict::BEST_CHANCE - $chance) + $tooFew,
        };
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
     * @param list<FittedLadder> $others the best one first
     *
     * @return list<FittedLadder>
     */
    private static function alternatives(FittedLadder $best, array $others): array
    {
        $chance = $best->chanceOfTop;
        $found = array_values(array_filter([
            self::first($others, 'ladder.easier', static fn (FittedLadder $one): bool => $one->chanceOfTop > $chance + self::APART),
            self::first($others, 'ladder.harder', static fn (FittedLadder $one): bool => $one->chanceOfTop < $chance - self::APART),
            self::first($others, 'ladder.same_top', static fn (FittedLadder $one): bool => $one->top === $best->top),
        ]));

        return \array_slice($found, 0, 2);
    }

    /**
     * @param list<FittedLadder>           $others
     * @param callable(FittedLadder): bool $isIt
     */
    private static function first(array $others, string $code, callable $isIt): ?FittedLadder
    {
        foreach ($others as $one) {
            if ($isIt($one)) {
                return $one->because(Verdict::of($code, self::values($one)));
            }
        }

        return null;
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
