<?php

declare(strict_types=1);

namespace Zumbo\Core\Gear;

use Zumbo\Core\Measure\OutOfRange;

/**
 * Cuts cables from stock of several lengths at once (the order of aims is common practice, no published source): all
 * are served; then the fewest pieces of stock are opened; then the least is left over.
 *
 * The fewest: whatever fits into some pieces of stock fits into as many of the longest, so only those are tried. The
 * least left over: of all ways to take so many, from the shortest together upwards, the first that takes everything.
 */
final readonly class StockPlan
{
    /** Steps in a metre: a tenth of a millimetre. */
    private const STEPS = 10_000;

    /** So many choices of stock are tried. */
    private const MOST_WAYS = 5_000;

    /**
     * @param list<StockCut> $cuts
     */
    private function __construct(
        public array $cuts,
        /** No way opens fewer, and none with as few leaves less. */
        public bool $proven,
        /** Off-cuts and kerfs together, metres. */
        public float $wasteM,
    ) {
    }

    /**
     * @param list<float> $pieces metres of each cable as it is cut
     * @param list<Stock> $stocks not empty
     * @param float       $kerfM  lost to a cut
     *
     * @throws OutOfRange when the stock does not serve all, or there are more than 500 pieces
     */
    public static function of(array $pieces, array $stocks, float $kerfM): self
    {
        if (1 === \count($stocks) && Stock::PLENTY === $stocks[0]->pieces) {
            return self::ofOneLength($pieces, $stocks[0]->lengthM, $kerfM);
        }
        if (\count($pieces) > CutList::MOST_PIECES) {
            throw OutOfRange::of('pieces', (string) \count($pieces), 'at most '.CutList::MOST_PIECES);
        }
        $sizes = array_map(static fn (float $piece): int => self::steps($piece + $kerfM), $pieces);
        arsort($sizes);
        usort($stocks, static fn (Stock $a, Stock $b): int => $b->lengthM <=> $a->lengthM);
        $kinds = array_map(
            static fn (Stock $stock): array => [self::steps($stock->lengthM + $kerfM), min($stock->pieces, \count($pieces))],
            $stocks,
        );
        $filling = new Filling(array_values($sizes));
        [$fewest, $proven] = [] === $pieces ? [[], true] : self::fewest($filling, $kinds, $pieces);
        [$taken, $fill, $least] = self::leastLeft($filling, $kinds, $fewest);
        $order = array_keys($sizes);
        $cuts = [];
        foreach ($taken as $bin => $kind) {
            $mine = array_map(static fn (int $i): int => $order[$i], array_keys($fill, $bin, true));
            sort($mine);
            $cuts[] = new StockCut($stocks[$kind]->lengthM, $mine);
        }

        return new self(
            $cuts,
            $proven && $least,
            array_sum(array_map(static fn (StockCut $cut): float => $cut->stockM, $cuts)) - array_sum($pieces),
        );
    }

    /**
     * With one length there is nothing to choose, and the plan for one length searches further.
     *
     * @param list<float> $pieces
     *
     * @throws OutOfRange when a piece is longer than the stock, or there are too many
     */
    private static function ofOneLength(array $pieces, float $stockM, float $kerfM): self
    {
        $list = CutList::of(
            array_map(static fn (float $piece): array => [$piece, 1], $pieces),
            $stockM,
            0.0,
            $kerfM,
        );

        return new self(
            array_map(
                // Each piece is given once, so no pattern comes twice.
                static fn (CutPattern $pattern): StockCut => new StockCut($stockM, array_keys($pattern->counts, 1, true)),
                $list->patterns,
            ),
            $list->proven,
            $list->wasteM,
        );
    }

    /**
     * @param list<array{int, int}> $kinds  capacity and how many, the longest first
     * @param non-empty-list<float> $pieces
     *
     * @return array{list<int>, bool} for each size one of the longest pieces of stock; whether fewer are ruled out
     */
    private static function fewest(Filling $filling, array $kinds, array $pieces): array
    {
        $longest = [];
        foreach ($kinds as [$capacity, $many]) {
            $longest = [...$longest, ...array_fill(0, $many, $capacity)];
        }
        $proven = true;
        for ($bins = 1; $bins <= \count($longest); ++$bins) {
            $fill = $filling->into(\array_slice($longest, 0, $bins));
            if (null !== $fill) {
                return [$fill, $proven];
            }
            $proven = $proven && $filling->tookAll();
        }
        throw OutOfRange::of(
            'stock',
            \sprintf('%.6g m in all', array_sum($longest) / self::STEPS),
            \sprintf('enough for %d cables, the longest of %.4g m, cut whole', \count($pieces), max($pieces)),
        );
    }

    /**
     * @param list<array{int, int}> $kinds
     * @param list<int>             $fewest for each size one of the longest pieces of stock
     *
     * @return array{list<int>, list<int>, bool} the kind of each piece of stock; for each size the piece it is cut from;
     *                                           whether less was ruled out
     */
    private static function leastLeft(Filling $filling, array $kinds, array $fewest): array
    {
        $bins = \count(array_unique($fewest));
        if (self::howMany(\count($kinds), $bins) > self::MOST_WAYS) {
            return self::shortened($filling, $kinds, $fewest);
        }
        $ways = self::ways($kinds, $bins);
        usort(
            $ways,
            static fn (array $a, array $b): int => self::together($kinds, $a) <=> self::together($kinds, $b),
        );
        $proven = true;
        foreach ($ways as $way) {
            if ($filling->isSpent()) {
                break;
            }
            $fill = $filling->into(array_map(static fn (int $kind): int => $kinds[$kind][0], $way));
            if (null !== $fill) {
                return [$way, $fill, $proven];
            }
            $proven = $proven && $filling->tookAll();
        }

        return self::shortened($filling, $kinds, $fewest);
    }

    /**
     * Where the search would take too long: what was found with the longest, each from the shortest that holds it.
     *
     * @param list<array{int, int}> $kinds
     * @param list<int>             $fewest
     *
     * @return array{list<int>, list<int>, bool}
     */
    private static function shortened(Filling $filling, array $kinds, array $fewest): array
    {
        $left = array_map(static fn (array $kind): int => $kind[1], $kinds);
        $taken = [];
        // The fullest first: whatever holds it holds the others as well, so nobody goes without.
        foreach ($filling->held($fewest) as $bin => $held) {
            $kind = \count($kinds) - 1;
            while ($kinds[$kind][0] < $held || 0 === $left[$kind]) {
                --$kind;
            }
            --$left[$kind];
            $taken[$bin] = $kind;
        }
        ksort($taken);
        $order = array_flip(array_keys($taken));

        return [array_values($taken), array_map(static fn (int $bin): int => $order[$bin], $fewest), false];
    }

    /** How many choices of so many pieces of stock there are at most. */
    private static function howMany(int $kinds, int $bins): float
    {
        $ways = 1.0;
        for ($i = 1; $i < $kinds; ++$i) {
            $ways *= ($bins + $i) / $i;
        }

        return $ways;
    }

    /**
     * @param list<array{int, int}> $kinds
     * @param list<int>             $way
     */
    private static function together(array $kinds, array $way): int
    {
        $sum = 0;
        foreach ($way as $kind) {
            $sum += $kinds[$kind][0];
        }

        return $sum;
    }

    /**
     * @param list<array{int, int}> $kinds
     *
     * @return list<list<int>> every choice of so many pieces of stock, by their kinds
     */
    private static function ways(array $kinds, int $bins, int $from = 0): array
    {
        if (0 === $bins) {
            return [[]];
        }
        $ways = [];
        for ($kind = $from; $kind < \count($kinds); ++$kind) {
            for ($n = min($bins, $kinds[$kind][1]); $n > 0; --$n) {
                foreach (self::ways($kinds, $bins - $n, $kind + 1) as $rest) {
                    $ways[] = [...array_fill(0, $n, $kind), ...$rest];
                }
            }
        }

        return $ways;
    }

    private static function steps(float $metres): int
    {
        return (int) round($metres * self::STEPS);
    }
}
