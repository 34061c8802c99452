<?php

declare(strict_types=1);

namespace Zumbo\App\Log\Search;

use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Zumbo\App\Platform\Api\Answers;
use Zumbo\App\Platform\Input\FromQuery;

/**
 * The log, looked through.
 */
#[Route('/api/entries')]
final readonly class EntrySearchController
{
    public function __construct(private FindEntries $find)
    {
    }

    #[Route('', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(EntryPageView::class, says: 'Entries of the log by athlete, stage, work, days and who logged them, the newest first.')]
    public function page(#[FromQuery] EntrySearchInput $input = new EntrySearchInput()): EntryPageView
    {
        return $this->find->page($input);
    }

    #[Route('/csv', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(null, file: 'text/csv', says: 'The same entries as CSV.')]
    public function csv(#[FromQuery] EntrySearchInput $input = new EntrySearchInput()): Response
    {
        return new Response($this->find->table($input), 200, [
            'Content-Type' => 'text/csv; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="log.csv"',
        ]);
    }
}
