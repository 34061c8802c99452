<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Load;

use PHPUnit\Framework\TestCase;
use Zumbo\Core\Load\Energy;
use Zumbo\Core\Load\SessionRating;
use Zumbo\Core\Measure\OutOfRange;

final class SessionRatingTest extends TestCase
{
    /** The method of Foster et al. (2001), worked by hand: effort 0–10 times minutes. */
    public function testTheLoadOfASessionIsEffortTimesMinutes(): void
    {
        self::assertSame(210.0, SessionRating::of(7, 30)->load());
        self::assertSame(120.0, SessionRating::of(3, 40)->load());
        self::assertSame(0.0, SessionRating::of(0, 45)->load());
    }

    public function testAnEffortOfElevenIsNone(): void
    {
        $this->expectException(OutOfRange::class);
        $this->expectExceptionMessage('effort');
        SessionRating::of(11, 20);
    }

    /** 2011 Compendium of Physical Activities (values from memory): 11.8 MET for half an hour at 70 kg. */
    public function testEnergyIsMetTimesMassTimesHours(): void
    {
        self::assertEqualsWithDelta(413.0, Energy::kilocalories(Energy::MODERATE, 70, 30), 1e-9);
        self::assertLessThan(1000.0, Energy::kilocalories(Energy::FAST, 75, 60), 'what is claimed for hard jumping is an upper end');
    }
}
