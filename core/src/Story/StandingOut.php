<?php

declare(strict_types=1);

namespace Zumbo\Core\Story;

use Zumbo\Core\Numeric\BetaDistribution;

/**
 * How often one thing helps beside all others: its own goes drawn towards what the rest of the gym shows, with an interval.
 *
 * Beta-binomial, the mean of the others as prior, worth a few goes. It stands out only where it is nearly sure that it helps more
 * often than they do, all comparisons of the gym together (C. E. Bonferroni's correction); with too few goes nothing is said.
 * How much is drawn and how sure it has to be are our assumption, tried on simulated gyms.
 */
final readonly class StandingOut
{
    /** Goes that the mean of the others is worth. */
    private const DRAWN_BY = 4.0;

    /** Fewer goes than this say nothing, nor is anything better than so few elsewhere. */
    public const LEAST_GOES = 8;

    /** That anything is named though nothing helps more: so rarely, in the whole gym. */
    private const FALSE_ALARM = 0.05;
    private const TAIL = 0.05;

    private function __construct(
        public HelpCount $count,
        /** Drawn towards the others. */
        public float $share,
        /** Between these it lies with 90 %. */
        public float $low,
        public float $high,
        public bool $standsOut,
    ) {
    }

    /**
     * @template Key of array-key
     *
     * @param array<Key, HelpCount> $counts
     *
     * @return array<Key, self>
     */
    public static function among(array $counts): array
    {
        $goes = array_sum(array_map(static fn (HelpCount $one): int => $one->goes, $counts));
        $better = array_sum(array_map(static fn (HelpCount $one): int => $one->better, $counts));
        $compared = \count(array_filter($counts, static fn (HelpCount $one): bool => $one->goes >= self::LEAST_GOES));

        return array_map(
            static fn (HelpCount $one): self => self::beside($one, $better - $one->better, $goes - $one->goes, max(1, $compared)),
            $counts,
        );
    }

    private static function beside(HelpCount $one, int $betterElsewhere, int $goesElsewhere, int $compared): self
    {
        // One go that helped and one that did not, before anything is known.
        $others = ($betterElsewhere + 1) / ($goesElsewhere + 2);
        $own = BetaDistribution::of(
            $one->better + self::DRAWN_BY * $others,
            $one->goes - $one->better + self::DRAWN_BY * (1 - $others),
        );

        return new self(
            $one,
            $own->mean(),
            $own->quantile(self::TAIL),
            $own->quantile(1 - self::TAIL),
            min($one->goes, $goesElsewhere) >= self::LEAST_GOES && $own->cumulative($others) <= self::FALSE_ALARM / $compared,
        );
    }
}
