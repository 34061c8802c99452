<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Cable;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Zumbo\Core\Cable\CableAdvice;
use Zumbo\Core\Cable\CableFamily;
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
        $pull = HandlePull::newtons(self::rope($in['L'], $in['w']), LinearDensity::ofKilogramsPerMetre($in['mu']), Rate::perMinute($in['rpm']));
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
        $pull = static fn (float $perMinute): float => HandlePull::newtons(self::rope(2.4, 0.9), LinearDensity::ofKilogramsPerMetre(0.02), Rate::perMinute($perMinute));
        self::assertEqualsWithDelta(4.0, $pull(240) / $pull(120), 1e-12);
    }

    public function testAStretchedRopePullsNothingWeCanTell(): void
    {
        self::assertSame(0.0, HandlePull::newtons(self::rope(0.9, 0.9), LinearDensity::ofKilogramsPerMetre(0.02), Rate::perMinute(120)));
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
