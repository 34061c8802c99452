<?php

declare(strict_types=1);

namespace Zumbo\App\Athletes\Term;

use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Zumbo\App\Platform\Api\Answers;

final readonly class AthleteTermsController
{
    #[Route('/api/athlete-terms', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(AthleteTermsView::class, says: 'The words that forms about athletes offer.')]
    public function terms(): AthleteTermsView
    {
        return AthleteTermsView::all();
    }
}
