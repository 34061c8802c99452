<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Gear;

use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Zumbo\Core\Gear\CutList;
use Zumbo\Core\Gear\Stock;
use Zumbo\Core\Gear\StockPlan;
use Zumbo\Core\Measure\OutOfRange;

final class StockPlanTest extends TestCase
{
    /** Worked by hand: five of 2.6 m; a coil of 10 m takes three, so it and two cables of 3 m, or two coils. */
    public function testFewerPiecesOfStockComeBeforeLessLeftOver(): void
    {
        $plan = StockPlan::of(array_fill(0, 5, 2.6), [Stock::of(3.0), Stock::of(10.0)], 0.0);
        self::assertSame([10.0, 10.0], self::lengths($plan));
        self::assertEqualsWithDelta(7.0, $plan->wasteM, 1e-9);
        self::assertTrue($plan->proven);
    }

    /** Four of 2.6 m: two pieces of stock either way, and a coil with a short cable leaves 2.6 m, two coils 9.6 m. */
    public function testOfEquallyFewTheShorterStockIsOpened(): void
    {
        $plan = StockPlan::of(array_fill(0, 4, 2.6), [Stock::of(10.0), Stock::of(3.0)], 0.0);
        self::assertSame([10.0, 3.0], self::lengths($plan));
        self::assertSame([3, 1], array_map(\count(...), array_column($plan->cuts, 'pieces')));
    }

    public function testNoMoreIsTakenOfALengthThanThereIs(): void
    {
        $plan = StockPlan::of(array_fill(0, 5, 2.6), [Stock::of(10.0, 1), Stock::of(3.0, 4)], 0.0);
        self::assertSame([10.0, 3.0, 3.0], self::lengths($plan));
    }

    public function testStockThatDoesNotServeAllIsRefused(): void
    {
        $this->expectException(OutOfRange::class);
        $this->expectExceptionMessage('enough for 5 cables, the longest of 2.6 m');
        StockPlan::of(array_fill(0, 5, 2.6), [Stock::of(10.0, 1), Stock::of(3.0, 1)], 0.0);
    }

    public function testNothingToCutOpensNothing(): void
    {
        self::assertSame([], StockPlan::of([], [Stock::of(10.0)], 0.002)->cuts);
    }

    /** With one length only there is nothing to choose: the plan for one length is the other opinion. */
    public function testWithOneLengthItOpensAsManyAsThePlanForOneLength(): void
    {
        $random = new Randomizer(new Mt19937(41));
        for ($i = 0; $i < 60; ++$i) {
            $pieces = array_map(static fn (): float => $random->getInt(195, 275) / 100, range(1, $random->getInt(3, 20)));
            $stock = $random->getInt(6, 30);
            $one = CutList::of(array_map(static fn (float $piece): array => [$piece, 1], $pieces), $stock, 0.0, 0.002);
            self::assertCount($one->stockUsed, StockPlan::of($pieces, [Stock::of($stock, 20)], 0.002)->cuts);
        }
    }

    /** A hundred and twenty cables from four lengths: millions of choices, of which none may be left unbounded. */
    public function testAManyIsCutWithoutTryingEveryChoice(): void
    {
        $random = new Randomizer(new Mt19937(47));
        $pieces = array_map(static fn (): float => $random->getInt(195, 275) / 100, range(1, 120));
        $plan = StockPlan::of($pieces, [Stock::of(3.0), Stock::of(2.8), Stock::of(2.5), Stock::of(2.2)], 0.002);
        self::assertCount(120, $plan->cuts);
        self::assertFits($plan, $pieces);
        foreach ($plan->cuts as $cut) {
            $piece = $pieces[$cut->pieces[0]];
            $shortest = match (true) {
                $piece <= 2.2 => 2.2,
                $piece <= 2.5 => 2.5,
                default => 2.8,
            };
            self::assertSame($shortest, $cut->stockM);
        }
    }

    /** Small instances are cut in every way there is. */
    public function testNoOtherWayOpensFewerOrLeavesLess(): void
    {
        $random = new Randomizer(new Mt19937(43));
        $mixed = 0;
        for ($i = 0; $i < 150; ++$i) {
            $pieces = array_map(static fn (): float => $random->getInt(20, 60) / 10, range(1, $random->getInt(1, 6)));
            $stocks = [[$random->getInt(60, 75) / 10, $random->getInt(1, 3)], [$random->getInt(80, 130) / 10, $random->getInt(1, 3)]];
            $best = self::best($pieces, [], $stocks);
            try {
                $plan = StockPlan::of(
                    $pieces,
                    array_map(static fn (array $stock): Stock => Stock::of($stock[0], $stock[1]), $stocks),
                    0.0,
                );
            } catch (OutOfRange) {
                self::assertNull($best);
                continue;
            }
            self::assertNotNull($best);
            self::assertTrue($plan->proven);
            self::assertCount($best[0], $plan->cuts);
            self::assertEqualsWithDelta($best[1], array_sum(self::lengths($plan)), 1e-9);
            self::assertFits($plan, $pieces);
            $mixed += \count(array_unique(self::lengths($plan))) > 1 ? 1 : 0;
        }
        self::assertGreaterThan(20, $mixed);
    }

    /**
     * @param list<float> $pieces
     */
    private static function assertFits(StockPlan $plan, array $pieces): void
    {
        $all = [];
        foreach ($plan->cuts as $cut) {
            $taken = array_sum(array_map(static fn (int $i): float => $pieces[$i], $cut->pieces));
            self::assertLessThanOrEqual($cut->stockM + 1e-9, $taken);
            $all = [...$all, ...$cut->pieces];
        }
        sort($all);
        self::assertSame(array_keys($pieces), $all, 'everything is cut once');
    }

    /**
     * @return list<float>
     */
    private static function lengths(StockPlan $plan): array
    {
        return array_column($plan->cuts, 'stockM');
    }

    /**
     * Each piece from what is open, or from one more of any length.
     *
     * @param list<float>             $pieces
     * @param list<array{int, float}> $open   kind and room
     * @param list<array{float, int}> $stocks
     *
     * @return array{int, float}|null how many, how long together
     */
    private static function best(array $pieces, array $open, array $stocks): ?array
    {
        if ([] === $pieces) {
            return [\count($open), array_sum(array_map(static fn (array $one): float => $stocks[$one[0]][0], $open))];
        }
        $piece = array_shift($pieces);
        $ways = [];
        foreach ($open as $i => [$kind, $room]) {
            if ($room >= $piece - 1e-9) {
                $with = $open;
                $with[$i] = [$kind, $room - $piece];
                $ways[] = self::best($pieces, $with, $stocks);
            }
        }
        foreach ($stocks as $kind => [$length, $many]) {
            if ($length >= $piece - 1e-9 && $many > \count(array_keys(array_column($open, 0), $kind, true))) {
                $ways[] = self::best($pieces, [...$open, [$kind, $length - $piece]], $stocks);
            }
        }
        $best = null;
        foreach (array_filter($ways) as $way) {
            $best = null === $best || [$way[0], round($way[1], 6)] < [$best[0], round($best[1], 6)] ? $way : $best;
        }

        return $best;
    }
}
