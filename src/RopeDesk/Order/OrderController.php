<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Order;

use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Zumbo\App\Platform\Api\Answers;

/**
 * What has to be bought.
 */
final readonly class OrderController
{
    public function __construct(private ListOrders $orders)
    {
    }

    #[Route('/api/order-list', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(OrderListView::class, says: 'What to buy: cable by family, and handles.')]
    public function list(): OrderListView
    {
        return $this->orders->list();
    }
}
