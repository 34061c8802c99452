<?php

declare(strict_types=1);

namespace Zumbo\Core\Gear;

use Zumbo\Core\Measure\OutOfRange;

/**
 * Cuts cables from coils, or from cables of one length, with the fewest pieces of stock.
 *
 * A piece takes its length, the allowance (spare and what sits inside the handles) and a kerf; none is charged where a
 * piece ends at the stock's end, so the pieces of a stock fit when Σ(length + allowance + kerf) ≤ stock + kerf. First
 * the quick ways (first and best fit decreasing), then, while they need more than the lower bound, a search stock by
 * stock: the longest piece that is left goes first, every stock is filled until nothing more fits, and no more may be
 * wasted than the bound leaves. Cutting stock: P. C. Gilmore & R. E. Gomory, Oper. Res. 9 (1961) 849–859; bound L2: S.
 * Martello & P. Toth, Discrete Appl. Math. 28 (1990) 59–70.
 */
final readonly class CutList
{
    public const MOST_PIECES = 500;

    /** What a sheet begins with: one coil, and what a cut takes (our assumption). */
    public const USUAL_STOCK_M = 30.0;
    public const USUAL_KERF_M = 0.002;

    /** Steps in a metre: a tenth of a millimetre. */
    private const STEPS = 10_000;

    /**
     * @param list<CutPattern> $patterns
     */
    private function __construct(
        public array $patterns,
        public int $stockUsed,
        public int $lowerBound,
        /** No way with fewer exists. */
        public bool $proven,
        /** Off-cuts and kerfs together, metres. */
        public float $wasteM,
    ) {
    }

    /**
     * @param list<array{float, int}> $pieces length in metres, how many
     * @param float                   $stockM metres of one coil, or of one cable
     *
     * @throws OutOfRange when a piece is longer than the stock, a number makes no sense, or there are more than 500
     *                    pieces
     */
    public static function of(array $pieces, float $stockM, float $allowanceM, float $kerfM): self
    {
        self::refuse($pieces, $stockM, $allowanceM, $kerfM);
        $capacity = self::steps($stockM + $kerfM);
        $sizes = array_map(static fn (array $piece): int => self::steps($piece[0] + $allowanceM + $kerfM), $pieces);
        $counts = array_map(static fn (array $piece): int => $piece[1], $pieces);
        arsort($sizes);
        $order = array_keys($sizes);
        $packing = Packing::of(
            array_values($sizes),
            array_map(static fn (int $i): int => $counts[$i], $order),
            $capacity,
        );
        $patterns = array_map(static fn (array $fill): array => self::inOrder($fill, $order), $packing->bins);
        $taken = array_sum(array_map(static fn (array $piece): float => $piece[1] * ($piece[0] + $allowanceM), $pieces));

        return new self(
            CutPattern::gathered($patterns),
            \count($packing->bins),
            $packing->lowerBound,
            $packing->proven,
            \count($packing->bins) * $stockM - $taken,
        );
    }

    /**
     * @param list<int>       $fill
     * @param array<int, int> $order
     *
     * @return list<int> by the pieces as they were given
     */
    private static function inOrder(array $fill, array $order): array
    {
        $counts = array_fill(0, \count($order), 0);
        foreach ($order as $place => $piece) {
            $counts[$piece] = $fill[$place];
        }

        return array_values($counts);
    }

    private static function steps(float $metres): int
    {
        return (int) round($metres * self::STEPS);
    }

    /**
     * @param list<array{float, int}> $pieces
     */
    private static function refuse(array $pieces, float $stockM, float $allowanceM, float $kerfM): void
    {
        $all = array_sum(array_map(static fn (array $piece): int => $piece[1], $pieces));
        if ($all > self::MOST_PIECES) {
            throw OutOfRange::of('pieces', (string) $all, 'at most '.self::MOST_PIECES);
        }
        if (!($stockM > 0) || !($allowanceM >= 0) || !($kerfM >= 0)) {
            throw OutOfRange::of(
                'stock',
                \sprintf('%.6g m, allowance %.6g m, kerf %.6g m', $stockM, $allowanceM, $kerfM),
                'a stock above 0, the others 0 or above',
            );
        }
        foreach ($pieces as [$length, $count]) {
            if (!($length > 0) || $count < 0) {
                throw OutOfRange::of(
                    'piece',
                    \sprintf('%.6g m × %d', $length, $count),
                    'a length above 0, 0 or more times',
                );
            }
            if (self::steps($length + $allowanceM) > self::steps($stockM)) {
                throw OutOfRange::of(
                    'piece',
                    \sprintf('%.6g m with %.6g m allowance', $length, $allowanceM),
                    \sprintf('at most the stock\'s %.6g m', $stockM),
                );
            }
        }
    }
}
