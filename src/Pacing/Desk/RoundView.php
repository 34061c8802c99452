<?php

declare(strict_types=1);

namespace Zumbo\App\Pacing\Desk;

/**
 * The doubles of one station: how to break them, and whether it matters.
 */
final readonly class RoundView
{
    /**
     * @param list<int>   $plan
     * @param list<float> $missAt chance of a miss at each rep of a set
     */
    public function __construct(
        /** From 1. */
        public int $round,
        public array $plan,
        /** First sets from … to … are within 1 % of the best. */
        public int $from,
        public int $to,
        public float $expectedS,
        public float $unbrokenS,
        public float $chanceUnbroken,
        /** With one set fewer than the plan has; null: it has one. */
        public ?float $oneFewerS,
        public ?float $oneMoreS,
        public array $missAt,
    ) {
    }
}
