<?php

declare(strict_types=1);

namespace Zumbo\App\OwnGym\Trail;

use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Zumbo\App\Platform\Api\Answers;
use Zumbo\App\Platform\Input\FromQuery;

/**
 * Who changed what in the gym, the newest first. For owners.
 */
final readonly class TrailController
{
    public function __construct(private ShowTrail $show)
    {
    }

    #[Route('/api/trail', methods: ['GET'])]
    #[IsGranted('ROLE_OWNER')]
    #[Answers(TrailView::class, says: 'Who changed what, the newest first.')]
    public function page(#[FromQuery] TrailInput $input = new TrailInput()): TrailView
    {
        return $this->show->page($input);
    }
}
