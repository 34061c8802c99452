<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Plan;

use PHPUnit\Framework\TestCase;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Plan\Weeks\WeeksChange;
use Zumbo\Core\Plan\Weeks\WeeksPlan;
use Zumbo\Core\Plan\Weeks\WeeksWish;
use Zumbo\Core\Stage\Stage;

final class WeeksChangeTest extends TestCase
{
    public function testNothingIsToldOfWhatCameAsPlanned(): void
    {
        $accepted = WeeksWish::of(Stage::Link, [2, 4], [], [1000, 1000]);
        self::assertSame([], WeeksChange::between($accepted, $accepted, 0));
        self::assertSame([], self::codes($accepted, WeeksWish::of(Stage::Link, [2, 4], [], [1000, 1000, 1050]), 1));
    }

    public function testAMissedWeekAndAFullerOneAreTold(): void
    {
        $accepted = WeeksWish::of(Stage::Link, [2, 4], [], [1000, 1000]);
        self::assertSame(['plan.change_less'], self::codes($accepted, WeeksWish::of(Stage::Link, [2, 4], [], [1000, 1000, 200]), 1));
        self::assertSame(['plan.change_more'], self::codes($accepted, WeeksWish::of(Stage::Link, [2, 4], [], [1000, 1000, 1900]), 1));
        $two = WeeksChange::between($accepted, WeeksWish::of(Stage::Link, [2, 4], [], [1000, 1000, 0, 1900]), 2);
        self::assertSame([2, 1], array_map(static fn (Verdict $one): mixed => $one->values['ago'], $two), 'the older one first');
    }

    public function testWhatWasWrittenDownLaterIsTold(): void
    {
        $accepted = WeeksWish::of(Stage::Link, [2, 4], [], [1000, 1000]);
        self::assertSame(['plan.change_base'], self::codes($accepted, WeeksWish::of(Stage::Link, [2, 4], [], [1000, 400]), 0));
        self::assertSame([], self::codes($accepted, WeeksWish::of(Stage::Link, [2, 4], [], [1000, 990]), 0));
    }

    public function testAnEveningThatWasStoppedMakesTheNextOneLighter(): void
    {
        $usual = WeeksWish::of(Stage::Link, [2, 4], [], [1000, 1000]);
        $after = WeeksWish::of(Stage::Link, [2, 4], [], [1000, 1000], lighterFrom: 3);
        self::assertSame(['plan.change_lighter'], self::codes($usual, $after, 0));
        [$tuesday, $thursday] = WeeksPlan::of($usual)->weeks[0]->sessions;
        $days = WeeksPlan::of($after)->weeks[0]->sessions;
        self::assertSame([$tuesday->contacts, (int) floor(0.6 * $thursday->contacts)], [$days[0]->contacts, $days[1]->contacts]);
    }

    public function testHealthComesFirstAndAStageAfterIt(): void
    {
        $accepted = WeeksWish::of(Stage::Mix, [2, 4]);
        $now = WeeksWish::of(Stage::Link, [2, 4, 6], mayJump: false);
        self::assertSame(['plan.change_no_jump', 'plan.change_stage', 'plan.change_days'], self::codes($accepted, $now, 0));
        self::assertSame(['plan.change_jumps_again'], self::codes(
            WeeksWish::of(Stage::Mix, [2], mayJump: false),
            WeeksWish::of(Stage::Mix, [2]),
            0,
        ));
        self::assertSame(['plan.change_return'], self::codes(
            WeeksWish::of(Stage::Mix, [2]),
            WeeksWish::of(Stage::Mix, [2], daysSincePain: 3),
            0,
        ));
    }

    /**
     * @return list<string>
     */
    private static function codes(WeeksWish $accepted, WeeksWish $now, int $weeks): array
    {
        return array_map(static fn (Verdict $one): string => $one->code, WeeksChange::between($accepted, $now, $weeks));
    }
}
