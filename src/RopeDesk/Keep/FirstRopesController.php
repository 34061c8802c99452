<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Keep;

use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Platform\Api\Answers;
use Zumbo\App\Platform\Input\FromBody;
use Zumbo\App\Platform\Input\FromQuery;

/**
 * The first ropes of everybody who has none.
 */
final readonly class FirstRopesController
{
    public function __construct(private FirstRopes $first)
    {
    }

    /**
     * @return list<FirstRopeView>
     */
    #[Route('/api/first-ropes', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(FirstRopeView::class, list: true, says: 'The first rope of everybody who has none.')]
    public function sized(#[FromQuery] FirstRopesInput $input = new FirstRopesInput()): array
    {
        return $this->first->sized($input);
    }

    #[Route('/api/first-ropes/{id}', methods: ['PUT'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(null, says: 'Keeps the first ropes of these athletes.')]
    public function keep(UuidV7 $id, #[FromBody] KeepFirstRopesInput $input): void
    {
        $this->first->keep($id, $input);
    }
}
