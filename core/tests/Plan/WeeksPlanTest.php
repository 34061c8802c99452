<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Plan;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Zumbo\Core\Load\SessionLoad;
use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Method\Dose;
use Zumbo\Core\Numeric\Draws;
use Zumbo\Core\Plan\Weeks\PlannedSession;
use Zumbo\Core\Plan\Weeks\PlannedWeek;
use Zumbo\Core\Plan\Weeks\SessionKind;
use Zumbo\Core\Plan\Weeks\WeeksPlan;
use Zumbo\Core\Plan\Weeks\WeeksWish;
use Zumbo\Core\Stage\Stage;

final class WeeksPlanTest extends TestCase
{
    /** By hand: 10 % over the last of 900 and 1,000 is 1,100; an easier week is 60 % of the mean of the three before it. */
    public function testTheWeeksRiseByATenthAndTheFourthIsEasier(): void
    {
        $weeks = WeeksPlan::of(WeeksWish::of(Stage::Link, [2, 4], [], [900, 1000], Dose::TwoOrThreeSessions))->weeks;
        $most = array_map(static fn (PlannedWeek $week): int => $week->contactsMost, $weeks);
        self::assertSame([1100, 1210, 1331], \array_slice($most, 0, 3));
        $mean = ($weeks[0]->contacts() + $weeks[1]->contacts() + $weeks[2]->contacts()) / 3;
        self::assertSame((int) round(0.6 * $mean), $most[3]);
        self::assertSame([false, false, false, true], array_map(static fn (PlannedWeek $week): bool => $week->isEasier, $weeks));
    }

    /**
     * Beginners two or three times a week with a day between (common practice, no published source).
     *
     * @param list<int> $classDays
     * @param list<int> $jumping
     */
    #[DataProvider('beginners')]
    public function testBeginnersHaveADayBetween(array $classDays, Dose $dose, array $jumping): void
    {
        $week = WeeksPlan::of(WeeksWish::of(Stage::Join, $classDays, dose: $dose))->weeks[0];
        $days = array_map(static fn (PlannedSession $one): int => $one->day, array_filter(
            $week->sessions,
            static fn (PlannedSession $one): bool => $one->kind->jumps(),
        ));
        self::assertSame($jumping, array_values($days));
    }

    /**
     * @return iterable<string, array{list<int>, Dose, list<int>}>
     */
    public static function beginners(): iterable
    {
        yield 'two classes, the third day at home in the longest gap' => [[2, 4], Dose::FiveMinutesDaily, [2, 4, 6]];
        yield 'classes on three days running: the middle one without jumps' => [[1, 2, 3], Dose::TwoOrThreeSessions, [1, 3, 5]];
        yield 'Sunday and Monday are neighbours' => [[1, 7], Dose::TwoOrThreeSessions, [1, 3, 5]];
    }

    public function testAClassOnARestDayIsWorkWithoutJumps(): void
    {
        $week = WeeksPlan::of(WeeksWish::of(Stage::Singles, [1, 2, 3], [], [], Dose::TwoOrThreeSessions))->weeks[0];
        self::assertSame(SessionKind::ClassNoJump, $week->sessions[1]->kind);
        self::assertSame(0, $week->sessions[1]->contacts);
    }

    public function testUntilItIsClearedNobodyJumps(): void
    {
        foreach (WeeksPlan::of(WeeksWish::of(Stage::Hold, [1, 4], mayJump: false))->weeks as $week) {
            self::assertSame(0, $week->contactsMost);
            self::assertNotSame([], $week->sessions, 'there is work all the same');
            foreach ($week->sessions as $one) {
                self::assertFalse($one->kind->jumps());
            }
        }
    }

    public function testUntilAProfessionalClearedItNothingIsPlanned(): void
    {
        foreach (WeeksPlan::of(WeeksWish::of(Stage::Hold, [1, 4], mayWork: false))->weeks as $week) {
            self::assertSame([[], 0, 'plan.week_nothing'], [$week->sessions, $week->contactsMost, $week->why->code]);
        }
    }

    public function testAReturnAfterPainStartsAtHalf(): void
    {
        $weeks = WeeksPlan::of(WeeksWish::of(Stage::Hold, [1, 4], [], [1000, 1000], daysSincePain: 0))->weeks;
        self::assertSame(500, $weeks[0]->contactsMost);
        self::assertGreaterThan($weeks[0]->contactsMost, $weeks[1]->contactsMost);
    }

    public function testNoWeekEverBreaksARule(): void
    {
        $draws = new Draws(5);
        for ($i = 0; $i < 2000; ++$i) {
            $one = static fn (int $below): int => min($below - 1, (int) $draws->between(0, $below));
            $stage = Stage::cases()[$one(10)];
            $age = 0 === $one(2) ? null : 8 + $one(60);
            $days = array_values(array_filter(range(1, 7), static fn (): bool => 0 === $one(2)));
            $weeks = 0 === $one(3) ? [] : [$one(4000), $one(4000), $one(4000)];
            $plan = WeeksPlan::of(WeeksWish::of($stage, $days, range(1, 7), $weeks, Dose::cases()[$one(4)], $age));
            foreach ($plan->weeks as $week) {
                self::assertLessThanOrEqual($week->contactsMost, $week->contacts(), "case $i");
                self::assertLessThanOrEqual(SessionLoad::weekCap($stage, $age), $week->contactsMost, "case $i");
                $jumping = [];
                foreach ($week->sessions as $session) {
                    self::assertLessThanOrEqual(SessionLoad::cap($stage, $age), $session->contacts, "case $i");
                    if ($session->kind->jumps()) {
                        $jumping[] = $session->day;
                    } else {
                        self::assertSame(0, $session->contacts);
                    }
                }
                self::assertLessThanOrEqual($stage->isBefore(Stage::Range) ? 3 : 5, \count($jumping), "case $i");
                foreach ($stage->isBefore(Stage::Range) ? $jumping : [] as $day) {
                    self::assertNotContains($day % 7 + 1, $jumping, "case $i: a day between");
                }
            }
        }
    }

    public function testADayThatIsNoneIsNamed(): void
    {
        $this->expectException(OutOfRange::class);
        $this->expectExceptionMessage('8');
        WeeksWish::of(Stage::Jump, [8]);
    }
}
