<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Today;

use PHPUnit\Framework\TestCase;
use Zumbo\Core\Allowance\Jumping;
use Zumbo\Core\Body\Body;
use Zumbo\Core\Body\Growing;
use Zumbo\Core\Body\Health;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Method\Ways;
use Zumbo\Core\Rope\Handle;
use Zumbo\Core\Stage\Stage;
use Zumbo\Core\Today\CountedNight;
use Zumbo\Core\Today\DayFacts;
use Zumbo\Core\Today\RopeWanted;
use Zumbo\Core\Today\StopWord;
use Zumbo\Core\Today\Today;

final class TodayTest extends TestCase
{
    /** 15 misses in 66 tries where 3 in 100 are usual. */
    public function testAnEveningOfMissesEndsItAndNothingIsLeftOfTheDay(): void
    {
        $today = self::of(DayFacts::of(
            contactsToday: 66,
            jumpDays: [0],
            tonight: new CountedNight(51, 15),
            usual: new CountedNight(970, 30),
        ));
        self::assertSame(['stop.misses', 'load.left_week'], self::codes($today));
        self::assertTrue($today->allowance->stopToday);
        self::assertSame(0, $today->allowance->contactsLeftToday);
    }

    public function testACoachsTouchEndsItAsWell(): void
    {
        $today = self::of(DayFacts::of(contactsToday: 12, jumpDays: [0], stopped: StopWord::Temper));
        self::assertSame(Jumping::NoJump, $today->allowance->jumping);
        self::assertSame(['stop.by_coach', 'load.left_week'], self::codes($today));
    }

    public function testAnOrdinaryEveningSaysWhatIsLeft(): void
    {
        $today = self::of(DayFacts::of(
            contactsToday: 66,
            jumpDays: [0],
            tonight: new CountedNight(64, 2),
            usual: new CountedNight(970, 30),
        ));
        self::assertSame(['load.left'], self::codes($today));
        self::assertGreaterThan(0, $today->allowance->contactsLeftToday);
    }

    private static function of(DayFacts $day): Today
    {
        return Today::of(
            RopeWanted::of(Body::ofStature(Length::ofCentimetres(171)), Stage::Link, Handle::usual()),
            null,
            Growing::no(),
            Health::sound(),
            null,
            $day,
            Ways::usual(),
        );
    }

    /**
     * @return list<string>
     */
    private static function codes(Today $today): array
    {
        return array_map(static fn (Verdict $reason): string => $reason->code, $today->allowance->reasons);
    }
}
