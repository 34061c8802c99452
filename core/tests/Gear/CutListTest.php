<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Gear;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Zumbo\Core\Gear\CutList;
use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Tests\Reference;

final class CutListTest extends TestCase
{
    /**
     * @param array{types_mm: list<int>, demand: list<int>, stock_mm: int, allowance: int, kerf: int} $in
     * @param array{optimal: int, volume_bound: int}                                                  $out
     */
    #[DataProvider('cases')]
    public function testAgreesWithTheReference(array $in, array $out): void
    {
        $pieces = array_map(
            static fn (int $mm, int $count): array => [$mm / 1000, $count],
            $in['types_mm'],
            $in['demand'],
        );
        $list = CutList::of($pieces, $in['stock_mm'] / 1000, $in['allowance'] / 1000, $in['kerf'] / 1000);
        self::assertSame($out['optimal'], $list->stockUsed);
        self::assertTrue($list->proven);
        self::assertGreaterThanOrEqual($out['volume_bound'], $list->lowerBound);
        self::assertFits($list, $pieces, $in['stock_mm'] / 1000, $in['allowance'] / 1000, $in['kerf'] / 1000);
    }

    /**
     * @return iterable<string, array{array<string, mixed>, array<string, mixed>}>
     */
    public static function cases(): iterable
    {
        return Reference::cases('gear.json', 'cutting');
    }

    /** Small instances are packed in every way there is. */
    public function testNoOtherWayNeedsLessStock(): void
    {
        $random = new Randomizer(new Mt19937(29));
        for ($i = 0; $i < 120; ++$i) {
            $pieces = [];
            for ($n = $random->getInt(1, 8); $n > 0; --$n) {
                $pieces[] = [$random->getInt(10, 60) / 10, 1];
            }
            $stock = $random->getInt(60, 100) / 10;
            $kerf = 0 === $i % 2 ? 0.0 : 0.1;
            $list = CutList::of($pieces, $stock, 0.0, $kerf);
            $sizes = array_map(static fn (array $piece): int => (int) round(10 * ($piece[0] + $kerf)), $pieces);
            self::assertSame(
                self::fewest($sizes, (int) round(10 * ($stock + $kerf)), []),
                $list->stockUsed,
                (string) json_encode([$pieces, $stock, $kerf]),
            );
            self::assertTrue($list->proven);
            self::assertFits($list, $pieces, $stock, 0.0, $kerf);
        }
    }

    /** Four cables of 1.515 m and 1 cm each from lengths of 3.05 m: two to a length, ending at its very end. */
    public function testNoKerfIsChargedAtTheEndOfTheStock(): void
    {
        self::assertSame(2, CutList::of([[1.515, 4]], 3.05, 0.01, 0.0)->stockUsed);
        self::assertSame(1, CutList::of([[1.0, 3]], 3.004, 0.0, 0.002)->stockUsed, 'three pieces, two kerfs');
        self::assertSame(2, CutList::of([[1.0, 3]], 3.003, 0.0, 0.002)->stockUsed);
    }

    public function testAClassOfThirtyIsPlannedAndItsWasteAddsUp(): void
    {
        $random = new Randomizer(new Mt19937(31));
        $pieces = [];
        for ($i = 0; $i < 30; ++$i) {
            $pieces[] = [$random->getInt(195, 275) / 100, 1];
        }
        $list = CutList::of($pieces, 30.0, 0.14, 0.002);
        self::assertSame(3, $list->stockUsed);
        self::assertTrue($list->proven);
        $taken = array_sum(array_map(static fn (array $piece): float => $piece[0] + 0.14, $pieces));
        self::assertEqualsWithDelta(90.0 - $taken, $list->wasteM, 1e-9);
    }

    public function testWhatNeedsNoMoreThanTheBoundIsProven(): void
    {
        $random = new Randomizer(new Mt19937(37));
        for ($class = 0; $class < 40; ++$class) {
            $pieces = array_map(
                static fn (): array => [$random->getInt(180, 300) / 100, 1],
                range(1, $random->getInt(20, 40)),
            );
            $list = CutList::of($pieces, $random->getInt(10, 30), 0.14, 0.002);
            self::assertGreaterThanOrEqual($list->lowerBound, $list->stockUsed);
            self::assertTrue($list->proven || $list->stockUsed > $list->lowerBound);
            self::assertLessThanOrEqual($list->lowerBound + 1, $list->stockUsed);
        }
    }

    public function testNothingToCutNeedsNoStock(): void
    {
        self::assertSame(
            [0, true],
            [CutList::of([[2.0, 0]], 30.0, 0.1, 0.0)->stockUsed, CutList::of([], 30.0, 0.1, 0.0)->proven],
        );
    }

    public function testAPieceLongerThanTheStockIsRefused(): void
    {
        $this->expectException(OutOfRange::class);
        $this->expectExceptionMessage('piece 3 m with 0.1 m allowance: at most the stock\'s 3.05 m');
        CutList::of([[3.0, 1]], 3.05, 0.1, 0.0);
    }

    /**
     * @param list<array{float, int}> $pieces
     */
    private static function assertFits(CutList $list, array $pieces, float $stock, float $allowance, float $kerf): void
    {
        $cut = array_fill(0, \count($pieces), 0);
        $used = 0;
        foreach ($list->patterns as $pattern) {
            $length = -$kerf;
            foreach ($pattern->counts as $i => $count) {
                $cut[$i] += $pattern->times * $count;
                $length += $count * ($pieces[$i][0] + $allowance + $kerf);
            }
            $used += $pattern->times;
            self::assertLessThanOrEqual($stock + 1e-9, $length);
        }
        self::assertSame(array_column($pieces, 1), $cut, 'everything is cut once');
        self::assertSame($list->stockUsed, $used);
    }

    /**
     * @param list<int> $sizes
     * @param list<int> $rooms of the bins that are open
     */
    private static function fewest(array $sizes, int $capacity, array $rooms): int
    {
        if ([] === $sizes) {
            return \count($rooms);
        }
        $size = array_shift($sizes);
        $best = self::fewest($sizes, $capacity, [...$rooms, $capacity - $size]);
        foreach ($rooms as $i => $room) {
            if ($room >= $size) {
                $with = $rooms;
                $with[$i] -= $size;
                $best = min($best, self::fewest($sizes, $capacity, array_values($with)));
            }
        }

        return $best;
    }
}
