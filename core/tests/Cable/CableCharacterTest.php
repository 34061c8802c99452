<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Cable;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Zumbo\Core\Cable\CableCharacter;
use Zumbo\Core\Cable\CableFamily;
use Zumbo\Core\Cable\Effort;
use Zumbo\Core\Cable\Feel;
use Zumbo\Core\Cable\WeighedPiece;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\LinearDensity;
use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Rope\TurningRope;

final class CableCharacterTest extends TestCase
{
    /** The steps of the scale by the pulls that common practice names for three cables. */
    #[TestWith([0.6, Feel::Faint])]
    #[TestWith([1.3, Feel::Light])]
    #[TestWith([2.8, Feel::Clear])]
    #[TestWith([7.8, Feel::Strong])]
    public function testFeelIsThePullOnAScale(float $newtons, Feel $feel): void
    {
        self::assertSame($feel, Feel::ofPull($newtons));
    }

    public function testTheFamiliesGoFromFeltToFast(): void
    {
        $rope = TurningRope::ofCable(Length::ofMetres(2.4), Length::ofMetres(0.9));
        $of = static fn (CableFamily $family): CableCharacter => CableCharacter::ofFamily($family, $rope);
        self::assertSame(
            [Feel::Strong, Effort::Heavy],
            [$of(CableFamily::Beaded)->feel, $of(CableFamily::Beaded)->effort],
        );
        self::assertSame(
            [Feel::Clear, Effort::High],
            [$of(CableFamily::ThickCord)->feel, $of(CableFamily::ThickCord)->effort],
        );
        self::assertSame(
            [Feel::Light, Effort::Moderate],
            [$of(CableFamily::CoatedSteel)->feel, $of(CableFamily::CoatedSteel)->effort],
        );
        self::assertSame(
            [Feel::Faint, Effort::Low],
            [$of(CableFamily::ThinWire)->feel, $of(CableFamily::ThinWire)->effort],
        );
        self::assertSame([1, 4], [Feel::Faint->step(), Effort::Heavy->step()]);
    }

    /** Pull goes with the square of the rate: 210 against 120 turns a minute. */
    public function testPullGrowsWithTheSquareOfTheRate(): void
    {
        $cord = CableCharacter::ofFamily(
            CableFamily::ThickCord,
            TurningRope::ofCable(Length::ofMetres(2.4), Length::ofMetres(0.9)),
        );
        self::assertEqualsWithDelta((210 / 120) ** 2, $cord->doublesPullN / $cord->learningPullN, 1e-9);
    }

    public function testEveryFamilyIsMostLikeItself(): void
    {
        foreach (CableFamily::cases() as $family) {
            self::assertSame($family, CableFamily::like($family->linearDensity(), $family->diameter()));
        }
        self::assertSame(CableFamily::ThickCord, CableFamily::like(LinearDensity::ofKilogramsPerMetre(0.029), 0.0055));
    }

    public function testAPieceOnTheScaleGivesGramsPerMetre(): void
    {
        self::assertEqualsWithDelta(
            0.0155,
            WeighedPiece::of(Length::ofMetres(2.0), 31.0)->density->kilogramsPerMetre(),
            1e-12,
        );
    }

    #[TestWith([2.0, 0.0, 'Weight "0 g"'])]
    #[TestWith([2.0, 2.0, '3 to 500 g a metre'])]
    #[TestWith([0.01, 31.0, 'Piece "1 cm"'])]
    public function testAReadingThatIsNoCableIsRefused(float $metres, float $grams, string $said): void
    {
        $this->expectException(OutOfRange::class);
        $this->expectExceptionMessage(explode('"', $said)[0]);
        WeighedPiece::of(Length::ofMetres($metres), $grams);
    }
}
