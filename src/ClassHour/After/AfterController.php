<?php

declare(strict_types=1);

namespace Zumbo\App\ClassHour\After;

use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Platform\Api\Answers;

/**
 * After class, on one page.
 */
#[Route('/api/class-after')]
final readonly class AfterController
{
    public function __construct(private ShowAfter $show, private EndClass $end)
    {
    }

    #[Route('', methods: ['GET'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(AfterView::class, says: 'What the class did tonight: records, gates, faults, load, what is next.')]
    public function tonight(): AfterView
    {
        return $this->show->tonight();
    }

    #[Route('/csv', methods: ['GET'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(null, file: 'text/csv', says: 'What the class did tonight, as CSV.')]
    public function csv(): Response
    {
        $after = $this->show->tonight();

        return new Response(AfterCsv::of($after), 200, [
            'Content-Type' => 'text/csv; charset=utf-8',
            'Content-Disposition' => \sprintf('attachment; filename="class-%s.csv"', $after->day),
        ]);
    }

    #[Route('/{id}', methods: ['PUT'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(AfterView::class, says: 'Confirms that the class is over and looked over.')]
    public function confirm(UuidV7 $id): AfterView
    {
        $this->end->confirm($id);

        return $this->show->tonight();
    }
}
