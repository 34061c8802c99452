<?php

declare(strict_types=1);

namespace Zumbo\App\Athletes\Listed;

use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Platform\Api\Answers;
use Zumbo\App\Platform\Api\Created;
use Zumbo\App\Platform\Api\Takes;
use Zumbo\App\Platform\Input\FromQuery;
use Zumbo\App\Shared\Sheet\BroughtSheet;
use Zumbo\App\Shared\Sheet\ReadSheet;

/**
 * A coach's own list of athletes: looked at, then added. The body is the list itself.
 */
final readonly class ListController
{
    public function __construct(private BringList $bring)
    {
    }

    /** Nothing is written. */
    #[Route('/api/athlete-lists', methods: ['POST'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(AthleteListView::class, says: 'How a coach\'s own list of athletes is understood; nothing is written.')]
    #[Takes(ReadSheet::TEXT, ReadSheet::CSV, ReadSheet::XLSX, ReadSheet::ODS)]
    public function look(Request $request, #[FromQuery] ListInput $input = new ListInput()): AthleteListView
    {
        return $this->bring->read(BroughtSheet::of($request, hasHeights: true), $input);
    }

    #[Route('/api/athlete-lists/{id}', methods: ['PUT'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(AthleteListView::class, creates: true, says: 'Adds whoever is new in a coach\'s own list.')]
    #[Takes(ReadSheet::TEXT, ReadSheet::CSV, ReadSheet::XLSX, ReadSheet::ODS)]
    public function add(UuidV7 $id, Request $request, #[FromQuery] ListInput $input = new ListInput()): Created
    {
        $brought = BroughtSheet::of($request, hasHeights: true);
        $now = $this->bring->add($id, $brought, $input);

        return Created::of($this->bring->read($brought, $input), $now);
    }
}
