<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Plan;

use PHPUnit\Framework\TestCase;
use Zumbo\Core\Plan\Practice\Habit;
use Zumbo\Core\Plan\Practice\PracticeWish;
use Zumbo\Core\Plan\Practice\Slot;

final class HabitTest extends TestCase
{
    public function testThreeTimesTheSameWayIsAHabit(): void
    {
        // Half an hour has a warm-up of six minutes: three minutes shorter, three times.
        $habits = Habit::of([self::wish(180), self::wish(null), self::wish(180), self::wish(150)]);
        self::assertCount(1, $habits);
        self::assertSame([Slot::WarmUp, -180, 3], [$habits[0]->slot, $habits[0]->byS, $habits[0]->times]);
        self::assertSame('plan.habit_shorter', $habits[0]->verdict()->code);
        self::assertSame(180, $habits[0]->secondsIn(self::wish(null)));
    }

    public function testTwiceOrThisWayAndThatIsNone(): void
    {
        self::assertSame([], Habit::of([self::wish(180), self::wish(180)]));
        self::assertSame([], Habit::of([self::wish(180), self::wish(480), self::wish(180), self::wish(480)]));
        self::assertSame([], Habit::of([self::wish(345), self::wish(345), self::wish(345)]), 'a quarter of a minute is no change');
    }

    private static function wish(?int $warmUpS): PracticeWish
    {
        return PracticeWish::of(30, seconds: null === $warmUpS ? [] : ['warm-up' => $warmUpS]);
    }
}
