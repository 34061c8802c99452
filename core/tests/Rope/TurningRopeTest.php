<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Rope;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Rope\Clearance;
use Zumbo\Core\Rope\FloorContact;
use Zumbo\Core\Rope\Hands;
use Zumbo\Core\Rope\HeldRope;
use Zumbo\Core\Rope\RopeTooShort;
use Zumbo\Core\Rope\TurningRope;
use Zumbo\Core\Rope\WidthPenalty;
use Zumbo\Core\Tests\Reference;

final class TurningRopeTest extends TestCase
{
    /**
     * @param array<string, float> $in
     * @param array<string, float> $out
     */
    #[DataProvider('depthCases')]
    public function testDepthAgreesWithTheReference(array $in, array $out): void
    {
        $rope = self::rope($in['L'], $in['w']);
        self::assertEqualsWithDelta($out['depth'], $rope->depth->metres(), 6e-6 * max(1e-3, $out['depth']));
        if (isset($out['k'])) {
            self::assertEqualsWithDelta($out['k'], $rope->modulus(), 1e-6);
        }
    }

    /**
     * @return iterable<string, array{array<string, mixed>, array<string, mixed>}>
     */
    public static function depthCases(): iterable
    {
        return Reference::cases('geometry.json', 'depth');
    }

    /**
     * @param array<string, float> $in
     * @param array<string, float> $out
     */
    #[DataProvider('lengthCases')]
    public function testLengthForADepthAgreesWithTheReference(array $in, array $out): void
    {
        $rope = TurningRope::ofDepth(Length::ofMetres($in['d']), Length::ofMetres($in['w']));
        self::assertEqualsWithDelta($out['length'], $rope->cable->metres(), 6e-6);
    }

    /**
     * @return iterable<string, array{array<string, mixed>, array<string, mixed>}>
     */
    public static function lengthCases(): iterable
    {
        return Reference::cases('geometry.json', 'length');
    }

    /**
     * @param array{d: float, w: float, hand_out: list<float>} $in
     * @param array{L: float, rise_cm: list<float>}            $out
     */
    #[DataProvider('penaltyCases')]
    public function testWidthPenaltyAgreesWithTheReference(array $in, array $out): void
    {
        $rope = self::rope($out['L'], $in['w']);
        foreach ($in['hand_out'] as $i => $outward) {
            $rise = WidthPenalty::of($rope, Length::ofMetres($outward))->rise;
            self::assertEqualsWithDelta($out['rise_cm'][$i], $rise?->centimetres(), 1e-3);
        }
    }

    /**
     * @return iterable<string, array{array<string, mixed>, array<string, mixed>}>
     */
    public static function penaltyCases(): iterable
    {
        return Reference::cases('geometry.json', 'width_penalty_cm');
    }

    #[DataProviderExternal(RopeEquation::class, 'curves')]
    public function testAgreesWithIntegratingTheDifferentialEquation(RopeEquation $curve): void
    {
        $rope = self::rope($curve->length, 2 * $curve->halfSpan);
        self::assertEqualsWithDelta($curve->depth / $curve->halfSpan, $rope->depth->metres() / $curve->halfSpan, 1e-7);
        $back = TurningRope::ofDepth(Length::ofMetres($curve->depth), Length::ofMetres(2 * $curve->halfSpan));
        self::assertEqualsWithDelta($curve->length / $curve->halfSpan, $back->cable->metres() / $curve->halfSpan, 1e-7);
        foreach ($curve->points as [$x, $y]) {
            self::assertEqualsWithDelta($y, $rope->depthsAt([$x])[0], 1e-6);
        }
    }

    #[DataProvider('spans')]
    public function testDepthAndLengthAreInverse(float $length, float $span): void
    {
        $depth = self::rope($length, $span)->depth;
        self::assertEqualsWithDelta(
            $length,
            TurningRope::ofDepth($depth, Length::ofMetres($span))->cable->metres(),
            1e-9 * $length,
        );
    }

    /**
     * @return iterable<string, array{float, float}>
     */
    public static function spans(): iterable
    {
        foreach (
            [[2.4, 0.9], [2.4, 0.0], [2.4, 2.3], [20.0, 0.01], [1.01, 1.0], [5.0, 1e-9], [2.4, 1e-14]] as [$length, $span]
        ) {
            yield "$length over $span" => [$length, $span];
        }
    }

    public function testTheCurveScales(): void
    {
        self::assertEqualsWithDelta(
            7 * self::rope(2.4, 0.9)->depth->metres(),
            self::rope(16.8, 6.3)->depth->metres(),
            1e-10,
        );
    }

    public function testMoreCableHangsDeeperAndWiderHandsLift(): void
    {
        $last = 0.0;
        for ($length = 1.0; $length < 4; $length += 0.01) {
            $depth = self::rope($length, 0.9)->depth->metres();
            self::assertGreaterThan($last, $depth);
            $last = $depth;
        }
        $last = \INF;
        for ($span = 0.0; $span < 2.4; $span += 0.01) {
            $depth = self::rope(2.4, $span)->depth->metres();
            self::assertLessThan($last, $depth);
            $last = $depth;
        }
    }

    public function testTheTwoFormulasMeetWhereTheSeriesEnds(): void
    {
        $below = self::rope(1 + 1e-3 - 1e-9, 1.0)->depth->metres();
        $above = self::rope(1 + 1e-3 + 1e-9, 1.0)->depth->metres();
        self::assertGreaterThan(0, $above - $below);
        self::assertEqualsWithDelta($below, $above, 1e-7);
    }

    public function testAStretchedRopeIsFlatAndAFoldedOneHangsHalfItsLength(): void
    {
        self::assertSame(0.0, self::rope(0.9, 0.9)->depth->metres());
        self::assertSame(1.2, self::rope(2.4, 0.0)->depth->metres());
    }

    public function testTheShapeIsSymmetricAndEndsInTheHands(): void
    {
        $shape = self::rope(2.4, 0.9)->shape(21);
        self::assertCount(21, $shape);
        self::assertEqualsWithDelta(-0.45, $shape[0]['x_m'], 1e-12);
        self::assertSame(0.0, $shape[0]['y_m']);
        self::assertEqualsWithDelta(1.05651, $shape[10]['y_m'], 1e-5);
        foreach ($shape as $i => $point) {
            self::assertEqualsWithDelta($point['y_m'], $shape[20 - $i]['y_m'], 1e-12);
        }
    }

    public function testRefusesARopeShorterThanTheSpan(): void
    {
        $this->expectException(RopeTooShort::class);
        $this->expectExceptionMessage('a cable of 80.0 cm is shorter than the 90.0 cm between the hands');
        self::rope(0.8, 0.9);
    }

    public function testRefusesANegativeLength(): void
    {
        $this->expectException(OutOfRange::class);
        self::rope(-2.4, 0.9);
    }

    public function testHandsTooFarApartHaveNoPenaltyButAReason(): void
    {
        self::assertNull(WidthPenalty::of(self::rope(2.4, 2.3), Length::ofMetres(0.1))->rise);
    }

    public function testClearancesAreTakenFromTheHands(): void
    {
        $clearance = Clearance::of(
            self::held(2.4, 0.92),
            Length::ofMetres(1.68),
            Length::ofMetres(0.05),
            Length::ofMetres(0.1),
        );
        self::assertEqualsWithDelta(0.92 - 1.05651, $clearance->floor->metres(), 1e-5);
        self::assertEqualsWithDelta(0.92 + 1.05651 - 1.68, $clearance->head?->metres(), 1e-5);
        self::assertEqualsWithDelta(0.92 + 1.05651 + 0.15, $clearance->ceiling->metres(), 1e-5);
    }

    public function testWhatHangsUnderTheFloorDrags(): void
    {
        $contact = FloorContact::of(self::held(2.4, 0.92));
        self::assertEqualsWithDelta(0.92, self::rope(2.4, 0.9)->depthsAt([$contact->width->metres() / 2])[0], 1e-5);
        self::assertGreaterThan($contact->width->metres(), $contact->dragging->metres());
        self::assertSame(0.0, FloorContact::of(self::held(2.4, 1.2))->dragging->metres());
    }

    private static function held(float $length, float $handHeight): HeldRope
    {
        return HeldRope::of(
            Length::ofMetres($length),
            Hands::level(Length::ofMetres(0.9), Length::ofMetres($handHeight)),
        );
    }

    private static function rope(float $length, float $span): TurningRope
    {
        return TurningRope::ofCable(Length::ofMetres($length), Length::ofMetres($span));
    }
}
