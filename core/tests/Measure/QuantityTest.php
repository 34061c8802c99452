<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Measure;

use PHPUnit\Framework\TestCase;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Measure\Quantity;

final class QuantityTest extends TestCase
{
    public function testEveryRangeHoldsItsEndsAndNothingBeyond(): void
    {
        foreach (Quantity::cases() as $quantity) {
            foreach ([$quantity->leastM(), $quantity->mostM()] as $metres) {
                self::assertSame($metres, $quantity->check(Length::ofMetres($metres))->metres(), $quantity->name);
            }
            foreach ([$quantity->leastM() - 0.001, $quantity->mostM() + 0.001] as $metres) {
                self::assertTrue(self::refuses($quantity, $metres), $quantity->name.' '.$metres);
            }
        }
    }

    /** A number typed in the wrong unit is caught: centimetres for metres, inches for centimetres. */
    public function testAWrongUnitIsOutOfRange(): void
    {
        self::assertTrue(self::refuses(Quantity::Stature, 175.0));
        self::assertTrue(self::refuses(Quantity::Stature, 0.69), '69 in, read as centimetres');
        self::assertTrue(self::refuses(Quantity::Cable, 0.96), '96 in, read as centimetres');
        self::assertTrue(self::refuses(Quantity::Handle, 14.0));
    }

    private static function refuses(Quantity $quantity, float $metres): bool
    {
        try {
            $quantity->check(Length::ofMetres($metres));

            return false;
        } catch (OutOfRange $refusal) {
            return str_contains($refusal->getMessage(), $quantity->range()->quantity);
        }
    }
}
