<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Gear;

use PHPUnit\Framework\TestCase;
use Zumbo\Core\Cable\CableFamily;
use Zumbo\Core\Cable\CableNeeds;
use Zumbo\Core\Gear\RopeMatch;
use Zumbo\Core\Stage\Stage;

final class RopeMatchTest extends TestCase
{
    public function testTooShortCostsThreeTimesTooLongWithinItsLimits(): void
    {
        self::assertEqualsWithDelta(0.06, RopeMatch::lengthCost(2.4, 2.46), 1e-12);
        self::assertEqualsWithDelta(0.09, RopeMatch::lengthCost(2.4, 2.37), 1e-12);
        self::assertEqualsWithDelta(
            0.12,
            RopeMatch::lengthCost(2.4, 2.52),
            1e-12,
            'twelve centimetres too long is the limit',
        );
        self::assertEqualsWithDelta(0.12, RopeMatch::lengthCost(2.4, 2.36), 1e-12, 'four too short is the other');
        self::assertNull(RopeMatch::lengthCost(2.4, 2.521));
        self::assertNull(RopeMatch::lengthCost(2.4, 2.359));
    }

    public function testTheCableMustSuitTheStage(): void
    {
        foreach (Stage::cases() as $stage) {
            self::assertTrue(CableNeeds::mayHave($stage, CableFamily::Beaded));
            self::assertFalse(CableNeeds::mayHave($stage, CableFamily::Weighted));
        }
        self::assertNull(RopeMatch::cost(2.4, Stage::Singles, 2.4, CableFamily::CoatedSteel, false));
        self::assertSame(0.0, RopeMatch::cost(2.4, Stage::Mix, 2.4, CableFamily::CoatedSteel, false));
        self::assertNull(RopeMatch::cost(2.4, Stage::Mix, 2.4, CableFamily::ThinWire, false));
        self::assertSame(0.0, RopeMatch::cost(2.4, Stage::Link, 2.4, null, false));
    }

    public function testTheRopeOfLastTimeWinsOverOneThatIsALittleBetter(): void
    {
        $same = RopeMatch::cost(2.4, Stage::Mix, 2.42, CableFamily::MediumCord, true);
        $better = RopeMatch::cost(2.4, Stage::Mix, 2.41, CableFamily::MediumCord, false);
        $much = RopeMatch::cost(2.4, Stage::Mix, 2.48, CableFamily::MediumCord, true);
        self::assertLessThan($better, $same);
        self::assertGreaterThan($better, $much);
    }
}
