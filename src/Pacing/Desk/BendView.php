<?php

declare(strict_types=1);

namespace Zumbo\App\Pacing\Desk;

use Zumbo\Core\Pacing\Bends;

/**
 * The sets of the first doubles as they are bent, and what each place of each break would cost.
 */
final readonly class BendView
{
    /**
     * @param list<int>       $sets
     * @param list<BreakView> $breaks
     */
    private function __construct(
        public array $sets,
        /** Of this station, on average. */
        public float $expectedS,
        /** More than the best plan. */
        public float $costS,
        public array $breaks,
    ) {
    }

    public static function of(Bends $bends): self
    {
        return new self(
            $bends->sets,
            $bends->expectedS,
            $bends->costS,
            array_map(static fn (array $one): BreakView => new BreakView($one['from'], $one['costS']), $bends->breaks),
        );
    }
}
