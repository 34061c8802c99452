<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Story;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Zumbo\Core\Load\DayEffort;
use Zumbo\Core\Load\SessionRating;
use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Stage\Stage;
use Zumbo\Core\Story\HelpCount;
use Zumbo\Core\Story\LoadWeek;
use Zumbo\Core\Story\Moving;
use Zumbo\Core\Story\Pauses;

final class StoryRulesTest extends TestCase
{
    /** That about a tenth more a week is enough is common practice, no published source. */
    public function testAWeekIsOverWhenItRisesByMoreThanATenth(): void
    {
        $weeks = LoadWeek::all([500, 540, 700, 0, 600], Stage::Singles, null);
        self::assertSame([false, false, true, false, false], array_map(static fn (LoadWeek $one): bool => $one->isOver(), $weeks));
        self::assertSame([2100, 550, 594, 770], array_map(static fn (LoadWeek $one): int => $one->most, \array_slice($weeks, 0, 4)));
    }

    public function testNobodysWeekIsAboveTheCapOfTheirAge(): void
    {
        self::assertTrue(LoadWeek::all([1200], Stage::Singles, 10)[0]->isOver());
        self::assertFalse(LoadWeek::all([1200], Stage::Singles, 30)[0]->isOver());
    }

    /** Effort times minutes, Foster et al. 2001; that a tenth more is enough is common practice, no published source. */
    public function testEffortWarnsByTheSameBaseAndHasNoCap(): void
    {
        $weeks = LoadWeek::ofEffort([600, 640, 0, 0, 900, 5000]);
        self::assertSame([\PHP_INT_MAX, 660, 704, 704, 704, 990], array_map(static fn (LoadWeek $one): int => $one->most, $weeks));
        self::assertSame([4, 5], array_keys(array_filter($weeks, static fn (LoadWeek $one): bool => $one->isOver())));
    }

    public function testTheAthletesOwnWordCountsBeforeACoachsGuess(): void
    {
        $own = SessionRating::of(6, 45);
        $guess = SessionRating::of(8, 60);
        self::assertSame(270.0, DayEffort::load([$own], [$guess]));
        self::assertSame(480.0, DayEffort::load([], [$guess]));
        self::assertSame(540.0, DayEffort::load([$own, $own], []));
        self::assertSame(0.0, DayEffort::load([], []));
    }

    /**
     * @param list<int>             $days
     * @param list<array{int, int}> $pauses
     */
    #[DataProvider('pauses')]
    public function testAPauseIsTwoWeeksWithoutAPractice(array $days, array $pauses): void
    {
        self::assertSame($pauses, Pauses::between($days));
    }

    /**
     * @return iterable<string, array{list<int>, list<array{int, int}>}>
     */
    public static function pauses(): iterable
    {
        yield 'nothing yet' => [[], []];
        yield 'once a week' => [[0, 7, 14, 21], []];
        yield 'exactly two weeks' => [[0, 14], []];
        yield 'a holiday' => [[0, 3, 24, 26], [[4, 23]]];
    }

    #[DataProvider('standings')]
    public function testHowSomebodyGetsOn(
        Moving $moving,
        ?int $daysAway,
        int $daysAtStage,
        int $practices,
        bool $cameOn,
        ?float $chance,
        ?float $before,
    ): void {
        self::assertSame($moving, Moving::of($daysAway, $daysAtStage, $practices, $cameOn, $chance, $before));
    }

    /**
     * @return iterable<string, array{Moving, ?int, int, int, bool, ?float, ?float}>
     */
    public static function standings(): iterable
    {
        yield 'came yesterday for the first time' => [Moving::Open, 1, 1, 1, false, 0.1, null];
        yield 'a stage on a fortnight ago' => [Moving::Moves, 2, 14, 5, true, 0.2, null];
        yield 'began with us a fortnight ago' => [Moving::Open, 2, 14, 5, false, 0.2, null];
        yield 'twice a week for two months and no nearer' => [Moving::Stuck, 3, 60, 8, true, 0.31, 0.28];
        yield 'the same, but rarely there' => [Moving::Open, 3, 60, 3, true, 0.31, 0.28];
        yield 'further away than before' => [Moving::Stuck, 3, 60, 8, true, 0.2, 0.4];
        yield 'clearly nearer' => [Moving::Moves, 3, 60, 8, true, 0.5, 0.35];
        yield 'as good as through' => [Moving::Open, 3, 60, 8, true, 0.9, 0.88];
        yield 'at the last stage' => [Moving::Open, 3, 200, 8, true, null, null];
        yield 'not here for a month' => [Moving::Away, 31, 60, 0, true, 0.5, 0.2];
        yield 'never here' => [Moving::Open, null, 0, 0, false, null, null];
    }

    public function testNothingHelpsMoreOftenThanItWasTried(): void
    {
        $this->expectException(OutOfRange::class);
        new HelpCount(4, 3);
    }
}
