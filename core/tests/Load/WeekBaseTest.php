<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Load;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Zumbo\Core\Load\ContactsLeft;
use Zumbo\Core\Load\RestDay;
use Zumbo\Core\Load\WeekBase;
use Zumbo\Core\Stage\Stage;

/**
 * By hand: at most a tenth more than the greater of the last week and the mean of the last two (common practice, no
 * published source; shares after a pause and after pain are ours).
 */
final class WeekBaseTest extends TestCase
{
    /**
     * @param list<int> $weeks
     */
    #[DataProvider('weeks')]
    public function testTheWeekHoldsWhatTheWeeksBeforeItAllow(array $weeks, ?int $pain, bool $easy, ?int $most): void
    {
        self::assertSame($most, WeekBase::of($weeks, $pain, $easy, 3000)->most);
    }

    /**
     * @return iterable<string, array{list<int>, ?int, bool, ?int}>
     */
    public static function weeks(): iterable
    {
        yield 'nothing before it' => [[], null, false, null];
        yield 'the last week is the base' => [[800, 1000], null, false, 1100];
        yield 'the mean is the base' => [[1000, 800], null, false, 990];
        yield 'one empty week changes nothing' => [[1000, 1000, 0], null, false, 1100];
        yield 'two empty weeks' => [[1000, 1000, 0, 0], null, false, 750];
        yield 'four empty weeks' => [[1000, 1000, 0, 0, 0, 0], null, false, 500];
        yield 'cleared today' => [[1200, 1000], 0, false, 550];
        yield 'cleared a week ago' => [[1200, 1000], 7, false, 605];
        yield 'back at the old load' => [[1000, 1000], 60, false, 1100];
        yield 'easy weeks' => [[1200, 1000], null, true, 550];
        yield 'easy weeks of a newcomer' => [[], null, true, 1500];
    }

    /** The cap of a week is nobody's own weeks: it is told as what it is. */
    public function testWithoutWeeksBeforeItNoneAreClaimed(): void
    {
        $told = static fn (?int $pain, bool $easy): array => [
            WeekBase::of([], $pain, $easy, 2400)->reason?->code,
            WeekBase::of([], $pain, $easy, 2400)->reason?->values,
        ];
        self::assertSame(['load.return_unknown', ['cap' => 2400, 'days' => 3]], $told(3, false));
        self::assertSame(['load.easy_unknown', ['cap' => 2400]], $told(null, true));
        self::assertSame('load.return', WeekBase::of([0, 700], 3, false, 2400)->reason?->code);
    }

    public function testWhatIsLeftIsTheSmallerOfSessionAndWeek(): void
    {
        // Link: 1,000 a session, 3,000 a week.
        $left = static function (array $weeks, int $done, int $week, bool $gently = false): array {
            $base = WeekBase::of(array_values($weeks), null, false, 3000);
            $left = ContactsLeft::of(Stage::Link, null, $done, $week, $base, $gently);

            return [$left->today, $left->week];
        };
        self::assertSame([1000, 3000], $left([], 0, 0));
        self::assertSame([600, 2600], $left([], 400, 400));
        self::assertSame([100, 100], $left([1000, 1000], 0, 1000));
        self::assertSame([0, 0], $left([1000, 1000], 300, 1200));
        self::assertSame([367, 1100], $left([1000, 1000], 0, 0, true), 'spread over three sessions');
    }

    public function testASetThatStillFitsIsSaidToFit(): void
    {
        $left = ContactsLeft::of(Stage::Link, null, 400, 400, WeekBase::of([], null, false, 3000), false);
        self::assertSame(['load.within', 'load.over'], [$left->with(600)->code, $left->with(601)->code]);
    }

    /**
     * @param list<int> $jumpDays
     */
    #[DataProvider('days')]
    public function testBeginnersHaveADayBetween(Stage $stage, array $jumpDays, ?string $code): void
    {
        self::assertSame($code, RestDay::of($stage, $jumpDays)?->code);
    }

    /**
     * @return iterable<string, array{Stage, list<int>, ?string}>
     */
    public static function days(): iterable
    {
        yield 'nothing yet' => [Stage::Join, [], null];
        yield 'only today' => [Stage::Join, [0], null];
        yield 'yesterday' => [Stage::Singles, [0, 1], 'load.rest_day'];
        yield 'the day before' => [Stage::Singles, [2, 4], null];
        yield 'three within a week' => [Stage::Jump, [2, 4, 6], 'load.week_full'];
        yield 'a week ago' => [Stage::Jump, [2, 4, 7], null];
        yield 'no beginner any more' => [Stage::Range, [1, 2, 3], null];
    }
}
