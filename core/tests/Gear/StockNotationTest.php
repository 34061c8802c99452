<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Gear;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Zumbo\Core\Gear\Stock;
use Zumbo\Core\Gear\StockNotation;
use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Measure\UnreadableLength;

final class StockNotationTest extends TestCase
{
    /**
     * @param list<array{float, int}> $meant
     */
    #[DataProvider('typed')]
    public function testItIsReadAsItIsTyped(string $typed, array $meant): void
    {
        $read = StockNotation::read($typed);
        self::assertSame($meant, array_map(static fn (Stock $one): array => [$one->lengthM, $one->pieces], $read));
    }

    /**
     * @return iterable<string, array{string, list<array{float, int}>}>
     */
    public static function typed(): iterable
    {
        yield 'one coil' => ['30 m', [[30.0, Stock::PLENTY]]];
        yield 'a coil and four cables' => ['30 m, 3.05 m x 4', [[30.0, Stock::PLENTY], [3.05, 4]]];
        yield 'two coils of two lengths' => ['30 m ×1; 20 m × 1', [[30.0, 1], [20.0, 1]]];
        yield 'in words' => ['8.2 m and 305 cm x2', [[8.2, Stock::PLENTY], [3.05, 2]]];
        yield 'in feet' => ['100 ft', [[30.48, Stock::PLENTY]]];
    }

    /**
     * @param class-string<\Throwable> $refused
     */
    #[DataProvider('refused')]
    public function testWhatCanNotBeIsRefused(string $typed, string $refused): void
    {
        $this->expectException($refused);
        StockNotation::read($typed);
    }

    /**
     * @return iterable<string, array{string, class-string<\Throwable>}>
     */
    public static function refused(): iterable
    {
        yield 'nothing' => ['', UnreadableLength::class];
        yield 'no length' => ['a coil', UnreadableLength::class];
        yield 'none of it' => ['30 m x 0', OutOfRange::class];
        yield 'a hand long' => ['30 m, 20 cm', OutOfRange::class];
        yield 'five lengths' => ['30 m, 20 m, 10 m, 5 m, 3 m', OutOfRange::class];
    }
}
