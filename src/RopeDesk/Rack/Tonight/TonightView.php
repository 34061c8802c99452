<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Rack\Tonight;

/**
 * The shared ropes of tonight.
 */
final readonly class TonightView
{
    /**
     * @param list<GivenRopeView> $given  everybody without a safe rope of their own
     * @param list<float>         $toBuyM cables that would serve whoever has none, metres
     */
    public function __construct(
        public array $given,
        public int $served,
        public array $toBuyM,
        /** Whether it is written down as it stands here. */
        public bool $handedOut,
        /** Behind who gets which: the rule it comes from. */
        public string $givingSource,
        /** Behind the length wanted. */
        public string $idealSource,
    ) {
    }
}
