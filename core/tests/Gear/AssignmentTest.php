<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Gear;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Zumbo\Core\Gear\Assignment;
use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Tests\Reference;

final class AssignmentTest extends TestCase
{
    /**
     * @param array{cost: list<list<int|null>>} $in
     * @param array{served: int, cost: int}     $out
     */
    #[DataProvider('cases')]
    public function testAgreesWithTheReference(array $in, array $out): void
    {
        $found = Assignment::of(
            array_map(
                static fn (array $row): array => array_map(
                    static fn (?int $cost): ?float => null === $cost ? null : (float) $cost,
                    $row,
                ),
                $in['cost'],
            ),
        );
        self::assertSame($out['served'], $found->served);
        self::assertEqualsWithDelta($out['cost'], $found->cost, 1e-9);
    }

    /**
     * @return iterable<string, array{array<string, mixed>, array<string, mixed>}>
     */
    public static function cases(): iterable
    {
        return Reference::cases('gear.json', 'assign');
    }

    /** Two hundred generated tables up to 40 × 60, with forbidden pairs, solved by scipy (see reference/README.md). */
    public function testAgreesWithScipyOnGeneratedTables(): void
    {
        $sums = json_decode(
            (string) file_get_contents(__DIR__.'/../reference/assignments.json'),
            true,
            8,
            \JSON_THROW_ON_ERROR,
        );
        self::assertCount(200, $sums['tables']);
        foreach (
            $sums['tables'] as $i => ['rows' => $rows, 'columns' => $columns, 'seed' => $seed, 'served' => $served, 'cost' => $cost]
        ) {
            $found = Assignment::of(self::table($rows, $columns, $seed));
            self::assertSame([$served, (float) $cost], [$found->served, $found->cost], "table $i: $rows × $columns");
        }
    }

    /** On small tables every way is tried. */
    public function testNoOtherWayServesMoreOrCostsLess(): void
    {
        $random = new Randomizer(new Mt19937(17));
        for ($i = 0; $i < 150; ++$i) {
            $rows = $random->getInt(1, 5);
            $columns = $random->getInt(1, 5);
            $cost = self::filled(
                $rows,
                $columns,
                static fn (): ?float => $random->getInt(0, 2) < 1 ? null : (float) $random->getInt(-5, 20),
            );
            $found = Assignment::of($cost);
            self::assertSame(self::best($cost, 0, []), [$found->served, $found->cost]);
            self::assertCount(
                $found->served,
                array_unique(array_filter($found->columnOf, is_int(...))),
                'nobody shares',
            );
        }
    }

    public function testNobodyAndNothing(): void
    {
        self::assertSame([[], 0], [Assignment::of([])->columnOf, Assignment::of([])->served]);
        self::assertSame([null], Assignment::of([[]])->columnOf);
        self::assertSame([null, 0], Assignment::of([[null], [3.0]])->columnOf);
    }

    public function testATableMustBeATable(): void
    {
        $this->expectException(OutOfRange::class);
        $this->expectExceptionMessage('row 2 1 costs: 2 costs, as in the first row');
        Assignment::of([[1.0, 2.0], [3.0]]);
    }

    /**
     * A linear congruential generator that the reference script has too: x ← (1103515245x + 12345) mod 2³¹.
     *
     * @return list<list<float|null>>
     */
    private static function table(int $rows, int $columns, int $seed): array
    {
        $draw = static function () use (&$seed): int {
            $seed = (1_103_515_245 * $seed + 12_345) % 2_147_483_648;

            return $seed >> 8;
        };

        return self::filled(
            $rows,
            $columns,
            static fn (): ?float => $draw() % 100 < 35 ? null : (float) ($draw() % 400),
        );
    }

    /**
     * @param callable(): (float|null) $price
     *
     * @return list<list<float|null>>
     */
    private static function filled(int $rows, int $columns, callable $price): array
    {
        return array_map(
            static fn (): array => array_map(static fn (): ?float => $price(), range(1, $columns)),
            range(1, $rows),
        );
    }

    /**
     * @param list<list<float|null>> $cost
     * @param array<int, true>       $taken
     *
     * @return array{int, float}
     */
    private static function best(array $cost, int $row, array $taken): array
    {
        if ($row === \count($cost)) {
            return [0, 0.0];
        }
        $best = self::best($cost, $row + 1, $taken);
        foreach ($cost[$row] as $column => $price) {
            if (null === $price || isset($taken[$column])) {
                continue;
            }
            [$served, $sum] = self::best($cost, $row + 1, $taken + [$column => true]);
            if ($served + 1 > $best[0] || ($served + 1 === $best[0] && $sum + $price < $best[1])) {
                $best = [$served + 1, $sum + $price];
            }
        }

        return $best;
    }
}
