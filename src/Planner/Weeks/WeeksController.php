<?php

declare(strict_types=1);

namespace Zumbo\App\Planner\Weeks;

use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Platform\Api\Answers;
use Zumbo\App\Platform\Input\FromBody;
use Zumbo\App\Platform\Input\FromQuery;

/**
 * The next four weeks, of everybody and of one.
 */
final readonly class WeeksController
{
    public function __construct(private ShowWeeks $show, private AcceptWeeks $accept)
    {
    }

    #[Route('/api/weeks', methods: ['GET'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(ClassWeeksView::class, says: 'The next four weeks of everybody, and what has changed since they were accepted.')]
    public function everybody(): ClassWeeksView
    {
        return $this->show->everybody();
    }

    #[Route('/api/athletes/{id}/weeks', methods: ['GET'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(AthleteWeeksView::class, says: 'The next four weeks of an athlete, when the gate may open, and the next practice at home.')]
    public function ofAthlete(UuidV7 $id, #[FromQuery] PaceOfWeeksInput $input = new PaceOfWeeksInput()): AthleteWeeksView
    {
        return $this->show->of($id, $input->perWeek);
    }

    #[Route('/api/weeks/{id}', methods: ['PUT'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(AthleteWeeksView::class, says: 'Accepts the weeks of an athlete as they are now.')]
    public function accept(UuidV7 $id, #[FromBody] AcceptWeeksInput $input): AthleteWeeksView
    {
        $athlete = $input->athlete();
        $this->accept->accept($id, $athlete, $input);

        return $this->show->of($athlete, null);
    }
}
