<?php

declare(strict_types=1);

namespace Zumbo\App\OwnCard\Keep;

use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Platform\Api\Answers;
use Zumbo\App\Platform\Input\FromBody;
use Zumbo\App\Platform\Input\WriteCondition;

/**
 * Links to athletes' own cards, for coaches.
 */
final readonly class OwnCardsController
{
    public function __construct(private KeepCards $keep)
    {
    }

    #[Route('/api/athletes/{id}/own-cards', methods: ['GET'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(CardLinksView::class, says: 'The links to an athlete\'s own card, and entries that wait for a decision.')]
    public function of(UuidV7 $id): CardLinksView
    {
        return $this->keep->of($id);
    }

    #[Route('/api/own-cards/{id}', methods: ['PUT'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(CardLinksView::class, says: 'Makes a private link to an athlete\'s own card.')]
    public function make(UuidV7 $id, #[FromBody] OwnCardInput $input): CardLinksView
    {
        return $this->keep->make($id, $input);
    }

    #[Route('/api/own-cards/{id}', methods: ['DELETE'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(CardLinksView::class, says: 'Takes a link to a card back: it is dead at once.')]
    public function takeBack(UuidV7 $id, WriteCondition $condition): CardLinksView
    {
        return $this->keep->takeBack($id, $condition);
    }

    #[Route('/api/asides/{id}/keep', methods: ['POST'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(CardLinksView::class, says: 'Keeps an entry that a withdrawn card sent.')]
    public function keep(UuidV7 $id, WriteCondition $condition): CardLinksView
    {
        return $this->keep->decide($id, true, $condition);
    }

    #[Route('/api/asides/{id}', methods: ['DELETE'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(CardLinksView::class, says: 'Drops an entry that a withdrawn card sent.')]
    public function drop(UuidV7 $id, WriteCondition $condition): CardLinksView
    {
        return $this->keep->decide($id, false, $condition);
    }
}
