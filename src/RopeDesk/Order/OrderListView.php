<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Order;

/**
 * What athletes and rack need, on one page.
 */
final readonly class OrderListView
{
    /**
     * @param list<OrderLineView> $lines
     */
    public function __construct(public string $day, public array $lines)
    {
    }
}
