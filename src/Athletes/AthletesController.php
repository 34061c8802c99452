<?php

declare(strict_types=1);

namespace Zumbo\App\Athletes;

use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Entity\People\Athletes;
use Zumbo\App\Platform\Api\Answers;
use Zumbo\App\Platform\Api\Created;
use Zumbo\App\Platform\Api\KeptAnswers;
use Zumbo\App\Platform\Input\FromBody;
use Zumbo\App\Platform\Input\WriteCondition;
use Zumbo\App\Shared\CurrentCoach;

#[Route('/api/athletes')]
final readonly class AthletesController
{
    public function __construct(
        private ShowAthletes $show,
        private SaveAthlete $save,
        private EraseAthlete $erase,
        private Athletes $athletes,
        private KeptAnswers $kept,
        private CurrentCoach $coach,
    ) {
    }

    #[Route('', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(AthleteView::class, list: true, says: 'All athletes, by name.')]
    public function all(Request $request): Response
    {
        return $this->kept->answer($request, 'athletes '.$this->coach->role()->value, $this->show->all(...));
    }

    /**
     * @return list<RemovedView>
     */
    #[Route('/archive', methods: ['GET'], priority: 1)]
    #[IsGranted('ROLE_COACH')]
    #[Answers(RemovedView::class, list: true, says: 'Athletes who were removed and can be brought back.')]
    public function archive(): array
    {
        return array_map(RemovedView::of(...), $this->athletes->removed());
    }

    #[Route('/{id}', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(AthleteView::class, says: 'One athlete, removed or not.')]
    public function one(UuidV7 $id, Request $request): Response
    {
        return $this->kept->answer(
            $request,
            \sprintf('athlete %s %s', $id->toRfc4122(), $this->coach->role()->value),
            fn (): AthleteView => $this->show->one($id),
        );
    }

    #[Route('/{id}', methods: ['PUT'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(AthleteView::class, creates: true, says: 'Adds an athlete.')]
    public function add(UuidV7 $id, #[FromBody] AthleteInput $input): Created
    {
        $new = $this->save->add($id, $input);

        return Created::of($this->show->one($id), $new);
    }

    #[Route('/{id}', methods: ['PATCH'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(AthleteView::class, says: 'Changes what is written down of an athlete.')]
    public function change(UuidV7 $id, WriteCondition $condition, #[FromBody] AthleteInput $input): AthleteView
    {
        $this->save->change($id, $input, $condition);

        return $this->show->one($id);
    }

    #[Route('/{id}/stage', methods: ['PATCH'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(AthleteView::class, says: 'Moves an athlete to another stage.')]
    public function move(UuidV7 $id, WriteCondition $condition, #[FromBody] StageInput $input): AthleteView
    {
        $this->save->move($id, $input, $condition);

        return $this->show->one($id);
    }

    #[Route('/{id}/measures', methods: ['PATCH'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(AthleteView::class, says: 'Changes taped landmarks, school, trim school and handles of an athlete.')]
    public function measure(UuidV7 $id, WriteCondition $condition, #[FromBody] MeasuresInput $input): AthleteView
    {
        $this->save->measure($id, $input, $condition);

        return $this->show->one($id);
    }

    #[Route('/{id}', methods: ['DELETE'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(AthleteView::class, says: 'Removes an athlete; it can be undone for three months.')]
    public function remove(UuidV7 $id, WriteCondition $condition): AthleteView
    {
        $this->save->remove($id, $condition);

        return $this->show->one($id);
    }

    #[Route('/{id}/restore', methods: ['POST'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(AthleteView::class, says: 'Brings an athlete back.')]
    public function restore(UuidV7 $id, WriteCondition $condition): AthleteView
    {
        $this->save->restore($id, $condition);

        return $this->show->one($id);
    }

    /** Can't be undone, so it wants the name. */
    #[Route('/{id}/erase', methods: ['POST'])]
    #[IsGranted('ROLE_OWNER')]
    #[Answers(null, says: 'Erases for good what is kept of an athlete who was removed.')]
    public function erase(UuidV7 $id, WriteCondition $condition, #[FromBody] EraseInput $input): Response
    {
        $this->erase->byName($id, $input, $condition);

        return new Response(null, Response::HTTP_NO_CONTENT);
    }
}
