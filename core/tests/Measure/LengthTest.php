<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Measure;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Measure\LinearDensity;
use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Measure\Rate;

final class LengthTest extends TestCase
{
    /** International yard and pound agreement, 1959: 1 yd = 0.9144 m exactly, so 1 ft = 0.3048 m and 1 in = 25.4 mm. */
    public function testFeetAndInchesFollowTheDefinitionOfTheInch(): void
    {
        self::assertEqualsWithDelta(0.0254, Length::ofInches(1)->metres(), 1e-15);
        self::assertEqualsWithDelta(0.3048, Length::ofFeetAndInches(1)->metres(), 1e-15);
        self::assertEqualsWithDelta(0.9144, Length::ofFeetAndInches(3)->metres(), 1e-15);
        self::assertEqualsWithDelta(68.0, Length::ofFeetAndInches(5, 8)->inches(), 1e-12);
    }

    public function testAddsComparesAndScales(): void
    {
        $sum = Length::ofCentimetres(20)->plus(Length::ofMetres(0.3))->minus(Length::ofMetres(0.1))->times(2);
        self::assertEqualsWithDelta(80.0, $sum->centimetres(), 1e-12);
        self::assertSame(1, $sum->compareTo(Length::zero()));
        self::assertTrue($sum->isBetween($sum, $sum), 'both ends belong to a range');
    }

    #[DataProvider('notFinite')]
    public function testIsAlwaysFinite(float $value): void
    {
        $this->expectException(OutOfRange::class);
        Length::ofMetres($value);
    }

    /**
     * @return iterable<string, array{float}>
     */
    public static function notFinite(): iterable
    {
        yield 'nan' => [\NAN];
        yield 'infinity' => [\INF];
    }

    #[DataProvider('printed')]
    public function testPrintsNoFinerThanItDeserves(float $metres, string $centimetres, string $feet): void
    {
        self::assertSame($centimetres, LengthUnit::Centimetre->print(Length::ofMetres($metres)));
        self::assertSame($feet, LengthUnit::FootAndInch->print(Length::ofMetres($metres)));
    }

    /**
     * @return iterable<string, array{float, string, string}>
     */
    public static function printed(): iterable
    {
        $golden = json_decode(
            (string) file_get_contents(__DIR__.'/../golden/lengths.json'),
            true,
            8,
            \JSON_THROW_ON_ERROR,
        );
        foreach ($golden['cases'] as $case) {
            yield $case['m'].' m' => [$case['m'], $case['cm'], $case['ft-in']];
        }
    }

    public function testLongLengthsArePrintedInMetres(): void
    {
        $golden = json_decode(
            (string) file_get_contents(__DIR__.'/../golden/lengths.json'),
            true,
            8,
            \JSON_THROW_ON_ERROR,
        );
        foreach ($golden['long'] as $case) {
            self::assertSame($case['cm'], LengthUnit::Centimetre->printLong(Length::ofMetres($case['m'])));
            self::assertSame($case['ft-in'], LengthUnit::FootAndInch->printLong(Length::ofMetres($case['m'])));
        }
    }

    public function testARateIsAboveZero(): void
    {
        self::assertEqualsWithDelta(4 * \M_PI, Rate::perMinute(120)->radiansPerSecond(), 1e-12);
        $this->expectException(OutOfRange::class);
        Rate::perMinute(0);
    }

    public function testALinearDensityIsAboveZero(): void
    {
        self::assertSame(0.025, LinearDensity::ofKilogramsPerMetre(0.025)->kilogramsPerMetre());
        $this->expectException(OutOfRange::class);
        LinearDensity::ofKilogramsPerMetre(-1);
    }
}
