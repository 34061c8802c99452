<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Cable;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Zumbo\Core\Cable\CableAdvice;
use Zumbo\Core\Cable\CableFamily;
use Zumbo\Core\Cable\CableFeel;
use Zumbo\Core\Cable\HandlePull;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\LinearDensity;
use Zumbo\Core\Measure\Rate;
use Zumbo\Core\Rope\TurningRope;
use Zumbo\Core\Stage\Stage;
use Zumbo\Core\Tests\Reference;

final class CableTest extends TestCase
{
    /**
     * @param array<string, float> $in
     * @param array<string, float> $out
     */
    #[DataProvider('feelCases')]
    public function testPullDragAndWristCircleAgreeWithTheReference(array $in, array $out): void
    {
        $rope = TurningRope::ofCable(Length::ofMetres($in['L']), Length::ofMetres($in['w']));
        $feel = CableFeel::of(
            $rope,
            LinearDensity::ofKilogramsPerMetre($in['mu']),
            $in['D'],
            Rate::perMinute($in['rpm']),
            $in['Cd'],
            $in['rho'],
        );
        foreach (
            [
                'T_end' => $feel->handlePullN,
                'T_mid' => $feel->bottomPullN,
                'J_int_y3_ds' => $feel->dragIntegralM4,
                'P_drag' => $feel->dragPowerW,
                'r_handle_min' => $feel->wristCircleM,
                'mass_g' => 1000 * $feel->cableMassKg,
            ] as $name => $value
        ) {
            self::assertEqualsWithDelta($out[$name], $value, 1e-5 * abs($out[$name]), $name);
        }
    }

    /** The drag integral by itself: ∫y³ds along the curve, by quadrature over many short pieces. */
    public function testTheDragIntegralIsTheOneAlongTheRope(): void
    {
        foreach ([[2.4, 0.9], [0.95, 0.9], [0.9009, 0.9], [3.0, 0.3], [2.0, 1.8]] as [$length, $span]) {
            $rope = TurningRope::ofCable(Length::ofMetres($length), Length::ofMetres($span));
            $points = 20_001;
            $xs = array_map(
                static fn (int $i): float => ($span / 2) * sin(\M_PI * ($i / ($points - 1) - 0.5)),
                range(0, $points - 1),
            );
            $ys = $rope->depthsAt($xs);
            $sum = 0.0;
            for ($i = 1; $i < $points; ++$i) {
                $sum += hypot($xs[$i] - $xs[$i - 1], $ys[$i] - $ys[$i - 1]) * (($ys[$i] + $ys[$i - 1]) / 2) ** 3;
            }
            $feel = CableFeel::of($rope, LinearDensity::ofKilogramsPerMetre(0.02), 0.005, Rate::perMinute(120));
            self::assertEqualsWithDelta($sum, $feel->dragIntegralM4, 2e-5 * $sum, "$length m over $span m");
        }
    }

    public function testPullGrowsWithTheSquareOfTheRateAndDragWithItsCube(): void
    {
        $rope = TurningRope::ofCable(Length::ofMetres(2.4), Length::ofMetres(0.9));
        $at = static fn (float $rate): CableFeel => CableFeel::of(
            $rope,
            LinearDensity::ofKilogramsPerMetre(0.02),
            0.005,
            Rate::perMinute($rate),
        );
        self::assertEqualsWithDelta(4.0, $at(240)->handlePullN / $at(120)->handlePullN, 1e-9);
        self::assertEqualsWithDelta(8.0, $at(240)->dragPowerW / $at(120)->dragPowerW, 1e-9);
        self::assertEqualsWithDelta(
            $at(120)->wristCircleM,
            $at(240)->wristCircleM,
            1e-12,
            'the circle does not depend on the rate',
        );
    }

    public function testAStretchedAndAFoldedRopeHaveFiniteAnswers(): void
    {
        $of = static fn (float $length, float $span): CableFeel => CableFeel::of(
            TurningRope::ofCable(Length::ofMetres($length), Length::ofMetres($span)),
            LinearDensity::ofKilogramsPerMetre(0.02),
            0.005,
            Rate::perMinute(120),
        );
        self::assertSame([0.0, 0.0], [$of(0.9, 0.9)->dragPowerW, $of(0.9, 0.9)->wristCircleM]);
        self::assertEqualsWithDelta(1.2 ** 4 / 2, $of(2.4, 0.0)->dragIntegralM4, 1e-12);
    }

    /**
     * @param array{Dc: float, D: float, W: float, density: float} $in
     * @param array{mu: float}                                     $out
     */
    #[DataProvider('coatedCases')]
    public function testCoatedSteelWeighsWhatTheReferenceSays(array $in, array $out): void
    {
        $density = CableFamily::coatedSteel($in['Dc'], $in['D'], $in['W'], $in['density']);
        self::assertEqualsWithDelta($out['mu'], $density->kilogramsPerMetre(), 1e-5 * $out['mu']);
    }

    /**
     * @return iterable<string, array{array<string, mixed>, array<string, mixed>}>
     */
    public static function coatedCases(): iterable
    {
        return Reference::cases('cable.json', 'mu_coated');
    }

    /**
     * @param array{mu: float, rpm: float, L: float, w: float} $in
     * @param array{T_end: float}                              $out
     */
    #[DataProvider('feelCases')]
    public function testHandlePullAgreesWithTheReference(array $in, array $out): void
    {
        $pull = HandlePull::newtons(
            self::rope($in['L'], $in['w']),
            LinearDensity::ofKilogramsPerMetre($in['mu']),
            Rate::perMinute($in['rpm']),
        );
        self::assertEqualsWithDelta($out['T_end'], $pull, 1e-5 * $out['T_end']);
    }

    /**
     * @return iterable<string, array{array<string, mixed>, array<string, mixed>}>
     */
    public static function feelCases(): iterable
    {
        return Reference::cases('cable.json', 'feel');
    }

    public function testPullGrowsWithTheSquareOfTheRate(): void
    {
        $pull = static fn (float $perMinute): float => HandlePull::newtons(
            self::rope(2.4, 0.9),
            LinearDensity::ofKilogramsPerMetre(0.02),
            Rate::perMinute($perMinute),
        );
        self::assertEqualsWithDelta(4.0, $pull(240) / $pull(120), 1e-12);
    }

    public function testAStretchedRopePullsNothingWeCanTell(): void
    {
        self::assertSame(
            0.0,
            HandlePull::newtons(self::rope(0.9, 0.9), LinearDensity::ofKilogramsPerMetre(0.02), Rate::perMinute(120)),
        );
    }

    /** Common practice: the families run from felt to fast, and thin cable is not for beginners. */
    public function testCablesGetLighterAlongThePathAndOnlyThickOnesSuitBeginners(): void
    {
        $last = \INF;
        foreach ([Stage::Join, Stage::Range, Stage::Hold] as $stage) {
            $advice = CableAdvice::forStage($stage, self::rope(2.4, 0.9));
            self::assertLessThan($last, $advice->pullN);
            $last = $advice->pullN;
            self::assertSame($stage->isBefore(Stage::Link), $advice->family->suitsBeginners());
        }
    }

    public function testEveryFamilyHasAThicknessAndAWeightInTheTradesRange(): void
    {
        foreach (CableFamily::cases() as $family) {
            self::assertGreaterThan(0.001, $family->diameter());
            self::assertLessThan(0.012, $family->diameter());
            self::assertGreaterThan(0.004, $family->linearDensity()->kilogramsPerMetre());
            self::assertLessThan(0.2, $family->linearDensity()->kilogramsPerMetre());
        }
    }

    private static function rope(float $length, float $span): TurningRope
    {
        return TurningRope::ofCable(Length::ofMetres($length), Length::ofMetres($span));
    }
}
