<?php

declare(strict_types=1);

namespace Zumbo\Core\Gear;

/**
 * One piece of stock, and which pieces are cut from it.
 */
final readonly class StockCut
{
    /**
     * @param list<int> $pieces places in the list of pieces as it was given
     */
    public function __construct(public float $stockM, public array $pieces)
    {
    }
}
