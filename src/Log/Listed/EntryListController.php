<?php

declare(strict_types=1);

namespace Zumbo\App\Log\Listed;

use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Platform\Api\Answers;
use Zumbo\App\Platform\Api\Created;
use Zumbo\App\Platform\Api\Takes;
use Zumbo\App\Platform\Input\FromQuery;
use Zumbo\App\Platform\Input\WriteCondition;
use Zumbo\App\Shared\Sheet\BroughtSheet;
use Zumbo\App\Shared\Sheet\ReadSheet;

/**
 * A log that a coach kept elsewhere: looked at, added, taken back. The body is the list itself.
 */
final readonly class EntryListController
{
    public function __construct(private BringEntries $bring)
    {
    }

    /** Nothing is written. */
    #[Route('/api/entry-lists', methods: ['POST'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(EntryListView::class, says: 'How a log out of a spreadsheet is understood; nothing is written.')]
    #[Takes(ReadSheet::TEXT, ReadSheet::CSV, ReadSheet::XLSX, ReadSheet::ODS)]
    public function look(Request $request, #[FromQuery] EntryListInput $input = new EntryListInput()): EntryListView
    {
        return $this->bring->read(BroughtSheet::of($request), $input);
    }

    #[Route('/api/entry-lists/{id}', methods: ['PUT'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(EntryListView::class, creates: true, says: 'Adds what is new in a log out of a spreadsheet.')]
    #[Takes(ReadSheet::TEXT, ReadSheet::CSV, ReadSheet::XLSX, ReadSheet::ODS)]
    public function add(UuidV7 $id, Request $request, #[FromQuery] EntryListInput $input = new EntryListInput()): Created
    {
        $brought = BroughtSheet::of($request);
        $now = $this->bring->add($id, $brought, $input);

        return Created::of($this->bring->read($brought, $input), $now);
    }

    /** All its entries that still stand; whatever version is told. */
    #[Route('/api/entry-lists/{id}', methods: ['DELETE'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(null, says: 'Takes back all entries of a list.')]
    public function takeBack(UuidV7 $id, WriteCondition $condition): void
    {
        $this->bring->takeBack($id, $condition->mutationId);
    }
}
