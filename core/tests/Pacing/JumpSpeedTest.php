<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Pacing;

use PHPUnit\Framework\TestCase;
use Zumbo\Core\Jump\Flight;
use Zumbo\Core\Load\Energy;
use Zumbo\Core\Pacing\Desk\Jumper;
use Zumbo\Core\Pacing\Desk\JumpSpeed;

final class JumpSpeedTest extends TestCase
{
    /** 75 kg, 0.18 s on the ground: by hand from models E. */
    public function testEachSpeedHasItsRateAndItsWork(): void
    {
        self::assertEqualsWithDelta(129, 60 * JumpSpeed::LowFast->perSecond(), 0.5);
        self::assertEqualsWithDelta(89, 60 * JumpSpeed::HighSlow->perSecond(), 0.5);
        self::assertEqualsWithDelta(Jumper::DOUBLES_PER_S, JumpSpeed::Natural->perSecond(), 1e-9, 'as plans have always jumped');
        self::assertEqualsWithDelta(221 / 74, JumpSpeed::HighSlow->workRatio(), 0.02, '74 J a rep against 221');
        self::assertEqualsWithDelta(327 / 158, JumpSpeed::HighSlow->powerRatio(), 0.01, '158 W against 327');
    }

    /**
     * The 2011 Compendium of Physical Activities has rope skipping at 120 to 160 skips a minute as 12.3 MET, at 100 to 120 as 11.8
     * and slower as 8.8 (codes 15552, 15551, 15550; values from memory). Lifting the body can't take more than that pays: muscle
     * turns at most about a quarter into work, and the tendons give back the rest of a bound that leaves them out.
     */
    public function testTheWorkOfTheJumpStandsInAPossibleRatioToWhatSkippingTakes(): void
    {
        // One MET is a kilocalorie a kilogram and hour.
        $wattsPerKg = static fn (float $met): float => Energy::kilocalories($met, 1.0, 60.0) * 4184 / 3600;
        $share = static fn (JumpSpeed $speed, float $met): float => Flight::GRAVITY
            * $speed->heightM() * $speed->perSecond() / $wattsPerKg($met);
        $pairs = [[JumpSpeed::LowFast, Energy::FAST], [JumpSpeed::Natural, Energy::MODERATE], [JumpSpeed::HighSlow, Energy::SLOW]];
        foreach ($pairs as [$speed, $met]) {
            self::assertGreaterThan(0.12, $share($speed, $met), $speed->value);
            self::assertLessThan(0.45, $share($speed, $met), $speed->value);
        }
        self::assertLessThan(0.25, $share(JumpSpeed::LowFast, Energy::FAST), 'no tendon is needed for the low one');
    }
}
