<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Path;

use PHPUnit\Framework\TestCase;
use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Path\Entry;
use Zumbo\Core\Path\LookRule;
use Zumbo\Core\Streak\AttemptEnd;
use Zumbo\Core\Streak\CountedReps;

final class LookRuleTest extends TestCase
{
    public function testThreeRoughGoesInARowAskForALook(): void
    {
        $rough = self::go(20, AttemptEnd::Stopped, clean: false);
        $clean = self::go(20, AttemptEnd::Stopped);
        self::assertNull(LookRule::asksFor([]));
        self::assertNull(LookRule::asksFor([$rough, $rough]));
        self::assertSame('look.rough', LookRule::asksFor([$clean, $rough, $rough, $rough])?->code);
        self::assertNull(LookRule::asksFor([$rough, $rough, $rough, $clean]), 'it is over');
    }

    public function testAGoThatHardlyBeganCountsAsRough(): void
    {
        self::assertNotNull(LookRule::asksFor(array_fill(0, 3, self::go(2, AttemptEnd::Miss))));
        self::assertNull(LookRule::asksFor(array_fill(0, 3, self::go(3, AttemptEnd::Miss))), 'three reps are a go');
        self::assertNull(LookRule::asksFor(array_fill(0, 3, self::go(1, AttemptEnd::Stopped))), 'stopped on purpose');
    }

    public function testFewRepsSayNothingOfASumOrOfTries(): void
    {
        $sum = new Entry(CountKind::Streak, CountedReps::sum(2, 1), true);
        $tries = new Entry(CountKind::Tries, CountedReps::attempt(2, AttemptEnd::Miss), true);
        self::assertNull(LookRule::asksFor([$sum, $sum, $sum]));
        self::assertNull(LookRule::asksFor([$tries, $tries, $tries]));
    }

    private static function go(int $reps, AttemptEnd $end, bool $clean = true): Entry
    {
        return new Entry(CountKind::Streak, CountedReps::attempt($reps, $end), $clean);
    }
}
