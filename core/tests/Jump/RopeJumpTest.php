<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Jump;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Zumbo\Core\Cable\CableFeel;
use Zumbo\Core\Jump\Flight;
use Zumbo\Core\Jump\FrameCount;
use Zumbo\Core\Jump\JumpGeometry;
use Zumbo\Core\Jump\RopeJump;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\LinearDensity;
use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Measure\Rate;
use Zumbo\Core\Rope\TurningRope;
use Zumbo\Core\Tests\Reference;

final class RopeJumpTest extends TestCase
{
    /**
     * @param array<string, mixed> $in
     * @param array<string, mixed> $out
     */
    #[DataProvider('jumps')]
    public function testFlightClearanceAndRateAgreeWithTheReference(array $in, array $out): void
    {
        $jump = RopeJump::of($in['n'], Flight::ofHeight($in['h']), self::geometry($in), $in['tc']);
        self::assertEqualsWithDelta($out['t_f'], $jump->flight->seconds, 1e-6);
        self::assertEqualsWithDelta($out['theta_f'], $jump->geometry->halfAngle, 1e-6);
        self::assertEqualsWithDelta($out['c'], $jump->geometry->clearanceM, 1e-7);
        self::assertEqualsWithDelta($out['rpm_min'], $jump->leastTurnsPerMinute(), 2e-3);
        self::assertEqualsWithDelta($out['cadence'], $jump->cadence(), 1e-3);
        self::assertEqualsWithDelta($out['uniform_rpm'], $jump->evenTurnsPerMinute(), 2e-3);
    }

    /**
     * @return iterable<string, array{array<string, mixed>, array<string, mixed>}>
     */
    public static function jumps(): iterable
    {
        return Reference::cases('jump.json', 'jump');
    }

    public function testTheLeastHeightAndTheLateBudgetAgreeWithTheReference(): void
    {
        foreach (Reference::cases('jump.json', 'h_min') as [$in, $out]) {
            self::assertEqualsWithDelta(
                $out['h_min'],
                RopeJump::leastHeight($in['n'], self::geometry($in), $in['rpm']),
                1e-6,
            );
        }
        foreach (Reference::cases('jump.json', 'late_budget') as [$in, $out]) {
            [$earliest, $latest, $budget] = RopeJump::of(
                $in['n'],
                Flight::ofHeight($in['h']),
                self::geometry($in),
            )->firstPass($in['rpm']);
            self::assertEqualsWithDelta(
                [$out['earliest'], $out['latest'], $out['budget']],
                [$earliest, $latest, $budget],
                2e-6,
            );
        }
    }

    public function testThePowersAgreeWithTheReference(): void
    {
        foreach (Reference::cases('jump.json', 'power') as [$in, $out]) {
            $jump = RopeJump::of(
                $in['n'],
                Flight::ofHeight($in['h']),
                JumpGeometry::of(0.266, 0.9625, $in['D']),
                $in['tc'],
            );
            self::assertEqualsWithDelta($out['P_jump'], $jump->jumpPowerW($in['mass']), 2e-3);
            $rope = TurningRope::ofCable(Length::ofMetres($in['L']), Length::ofMetres($in['w']));
            self::assertEqualsWithDelta(
                $out['P_drag'],
                CableFeel::of(
                    $rope,
                    LinearDensity::ofKilogramsPerMetre(0.01),
                    $in['D'],
                    Rate::perMinute($jump->evenTurnsPerMinute()),
                )->dragPowerW,
                2e-4,
            );
        }
    }

    /** At one constant rate the least height for doubles: short contact buys more than jump height. */
    #[TestWith([0.12, 0.052])]
    #[TestWith([0.18, 0.08])]
    #[TestWith([0.25, 0.125])]
    public function testAShortContactBuysMoreThanJumpHeight(float $contact, float $least): void
    {
        self::assertEqualsWithDelta(
            $least,
            RopeJump::leastEvenHeight(2, JumpGeometry::of(0.266, 0.9625, 0.0025), $contact),
            6e-4,
        );
    }

    public function testTheLeastRateAndTheLeastHeightAreInverse(): void
    {
        $geometry = JumpGeometry::of(0.26, 1.0, 0.004, handsRise: 0.3);
        foreach ([0.06, 0.15, 0.3] as $height) {
            $rate = RopeJump::of(2, Flight::ofHeight($height), $geometry)->leastTurnsPerMinute();
            self::assertNotNull($rate);
            self::assertEqualsWithDelta($height, RopeJump::leastHeight(2, $geometry, $rate), 1e-9);
            self::assertEqualsWithDelta(
                0.0,
                RopeJump::of(2, Flight::ofHeight($height), $geometry)->firstPass($rate)[2],
                1e-9,
            );
        }
        self::assertNull(RopeJump::of(1, Flight::ofHeight(0.01), $geometry)->leastTurnsPerMinute());
        self::assertGreaterThan(
            JumpGeometry::of(0.26, 1.0, 0.004)->clearanceM,
            $geometry->clearanceM,
            'hands that rise lift the rope',
        );
    }

    /** Flight-time method, Bosco, Luhtanen & Komi 1983: h = g·t²/8. */
    public function testHeightAndFlightTimeAreThoseOfThePaper(): void
    {
        self::assertEqualsWithDelta((9.80665 * 0.5 ** 2) / 8, Flight::ofSeconds(0.5)->heightM, 1e-12);
        self::assertEqualsWithDelta(0.5, Flight::ofHeight(Flight::ofSeconds(0.5)->heightM)->seconds, 1e-12);
    }

    public function testFramesAgreeWithTheReference(): void
    {
        foreach (Reference::cases('jump.json', 'from_video') as $id => [$in, $out]) {
            if ('C21' === $id) {
                continue; // two frames apart: refused, see below
            }
            $count = FrameCount::of($in['fps'], $in['takeoff'], $in['pass1'], $in['pass2'], $in['landing']);
            self::assertEqualsWithDelta(
                [
                    $out['t_f'],
                    $out['h'],
                    $out['rpm'],
                    $out['sigma_t'],
                    $out['sigma_h'],
                    $out['first_pass_after_takeoff'],
                    $out['last_pass_before_landing'],
                    $out['h_lo'],
                    $out['h_hi'],
                ],
                [
                    $count->flight->seconds,
                    $count->flight->heightM,
                    $count->turnsPerMinute,
                    $count->flightErrorS,
                    $count->heightErrorM,
                    $count->firstPassAfterS,
                    $count->lastPassBeforeS,
                    ...$count->heightWorstM,
                ],
                2e-3,
            );
            self::assertEqualsWithDelta(
                [$out['sigma_rpm'], $out['rpm_lo'], $out['rpm_hi']],
                [$count->turnsError, ...$count->turnsWorst],
                2e-3,
            );
        }
    }

    public function testWhatTheFramesShow(): void
    {
        self::assertSame('frames.unreadable', FrameCount::of(30, 10, 13, 16, 23)->verdict->code);
        self::assertSame('frames.late', FrameCount::of(240, 1000, 1050, 1100, 1110)->verdict->code);
        self::assertSame('frames.high', FrameCount::of(240, 1000, 1026, 1095, 1125)->verdict->code);
        self::assertSame('frames.sound', FrameCount::of(240, 1000, 1020, 1075, 1095)->verdict->code);
    }

    /** @param array{int, int, int, int} $frames */
    #[TestWith([30.0, [10, 13, 15, 23], '2 frames apart'])]
    #[TestWith([240.0, [10, 9, 80, 90], 'in that order'])]
    #[TestWith([30.0, [0, 10, 30, 60], 'frame rate'])]
    #[TestWith([0.0, [0, 10, 30, 60], '1 to 10000'])]
    public function testFramesThatCanNotBeAreRefused(float $rate, array $frames, string $says): void
    {
        $this->expectException(OutOfRange::class);
        $this->expectExceptionMessage($says);
        FrameCount::of($rate, ...$frames);
    }

    /** @param array<string, mixed> $in */
    private static function geometry(array $in): JumpGeometry
    {
        return JumpGeometry::of($in['lf'], $in['d'], $in['drope'], $in['lift'], $in['margin']);
    }
}
