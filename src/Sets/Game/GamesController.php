<?php

declare(strict_types=1);

namespace Zumbo\App\Sets\Game;

use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Platform\Api\Answers;
use Zumbo\App\Platform\Input\FromQuery;

final readonly class GamesController
{
    public function __construct(private PlayGames $games)
    {
    }

    #[Route('/api/athletes/{id}/cards', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(DeckView::class, says: 'A shuffled pack of cards as a workout for an athlete.')]
    public function cards(UuidV7 $id, #[FromQuery] DeckInput $input = new DeckInput()): DeckView
    {
        return $this->games->deck($id, $input);
    }

    #[Route('/api/athletes/{id}/feet', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(FootGameView::class, says: 'A countdown or a pyramid on one foot, then the other.')]
    public function feet(UuidV7 $id, #[FromQuery] FootGameInput $input = new FootGameInput()): FootGameView
    {
        return $this->games->feet($id, $input);
    }

    #[Route('/api/athletes/{id}/each-minute', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(EachMinuteView::class, says: 'One more each minute for an athlete, and the minute in which it is expected to end.')]
    public function eachMinute(UuidV7 $id, #[FromQuery] EachMinuteInput $input = new EachMinuteInput()): EachMinuteView
    {
        return $this->games->eachMinute($id, $input);
    }

    #[Route('/api/relay', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(RelayView::class, says: 'Teams of a relay, balanced by the time each member is expected to take.')]
    public function relay(#[FromQuery] RelayInput $input = new RelayInput()): RelayView
    {
        return $this->games->relay($input);
    }
}
