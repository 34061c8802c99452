<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Keep;

use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Zumbo\App\Platform\Api\Answers;

final readonly class RopeTermsController
{
    #[Route('/api/rope-terms', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(RopeTermsView::class, says: 'The words that forms about ropes offer.')]
    public function terms(): RopeTermsView
    {
        return RopeTermsView::all();
    }
}
