<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Sets;

use PHPUnit\Framework\TestCase;
use Zumbo\Core\Sets\Clock\SharedClock;
use Zumbo\Core\Sets\Interval\ClockPhase;
use Zumbo\Core\Sets\Interval\IntervalProgramme;

/**
 * By hand: instants are counted from 1,000,000 ms.
 */
final class SharedClockTest extends TestCase
{
    private const T = 1_000_000;

    public function testItStartsAfterTheCountIn(): void
    {
        $clock = SharedClock::startedAt(self::T, 10);
        $instants = [self::T, self::T + 9_500, self::T + 10_000, self::T + 100_000];
        self::assertSame([-10.0, -0.5, 0.0, 90.0], array_map($clock->elapsedS(...), $instants));
    }

    public function testAPauseIsMovedOutOfTheWay(): void
    {
        $paused = SharedClock::startedAt(self::T, 0)->paused(self::T + 7_000);
        self::assertSame(7.0, $paused->elapsedS(self::T + 60_000));
        self::assertEquals($paused, $paused->paused(self::T + 9_000), 'paused twice is paused once');
        $on = $paused->resumed(self::T + 60_000);
        self::assertSame(8.0, $on->elapsedS(self::T + 61_000));
        self::assertEquals($on, $on->resumed(self::T + 70_000));
    }

    public function testThirtySecondsMoreLengthenThePhaseThatRuns(): void
    {
        $programmes = [self::phases('20/10 x8'), self::phases('60/30 x2')];
        $clock = SharedClock::startedAt(self::T, 0)->stretched(self::T + 25_000, 30);
        self::assertSame([20, 40, 20], \array_slice(self::seconds($clock, $programmes[0]), 0, 3), 'the rest of the first');
        self::assertSame([90, 30, 60], self::seconds($clock, $programmes[1]), 'the work of the second');
        self::assertSame(25.0, $clock->elapsedS(self::T + 25_000), 'nothing goes back');
        $less = SharedClock::startedAt(self::T, 0)->stretched(self::T + 40_000, -30);
        self::assertSame([40, 30, 60], self::seconds($less, $programmes[1]), 'what was past stays');
    }

    public function testTheCountInCanBeLengthenedAndCutShort(): void
    {
        $clock = SharedClock::startedAt(self::T, 10);
        self::assertSame(-38.0, $clock->stretched(self::T + 2_000, 30)->elapsedS(self::T + 2_000));
        self::assertSame(0.0, $clock->stretched(self::T + 2_000, -30)->elapsedS(self::T + 2_000));
    }

    public function testSkippingGoesToTheNextChangeOfAnybody(): void
    {
        $programmes = [self::phases('20/10 x8'), self::phases('25/30 x2')];
        $clock = SharedClock::startedAt(self::T, 10);
        foreach ([0.0, 20.0, 25.0, 30.0, 50.0, 55.0] as $at) {
            $clock = $clock->skipped(self::T + 3_000, $programmes);
            self::assertSame($at, $clock->elapsedS(self::T + 3_000));
        }
        $still = SharedClock::startedAt(self::T, 0)->paused(self::T + 4_000)->skipped(self::T + 50_000, $programmes);
        self::assertSame(20.0, $still->elapsedS(self::T + 90_000), 'and one that stands still stands there');
    }

    public function testWhenEverybodyIsThroughNothingIsLeftToSkip(): void
    {
        $programmes = [self::phases('20/10 x2'), self::phases('60')];
        $clock = SharedClock::startedAt(self::T, 0);
        self::assertEquals($clock, $clock->skipped(self::T + 99_000, $programmes));
    }

    /**
     * @return list<ClockPhase>
     */
    private static function phases(string $text): array
    {
        return IntervalProgramme::parse($text)->phases;
    }

    /**
     * @param list<ClockPhase> $phases
     *
     * @return list<int>
     */
    private static function seconds(SharedClock $clock, array $phases): array
    {
        return array_column($clock->stretchedPhases($phases), 'seconds');
    }
}
