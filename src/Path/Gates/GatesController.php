<?php

declare(strict_types=1);

namespace Zumbo\App\Path\Gates;

use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Entity\Path\GateDecisions;
use Zumbo\App\Platform\Api\Answers;
use Zumbo\App\Platform\Api\Created;
use Zumbo\App\Platform\Input\FromBody;
use Zumbo\App\Platform\Input\WriteCondition;

/**
 * What is asked before the next stage; a coach decides.
 */
#[Route('/api/gates')]
final readonly class GatesController
{
    public function __construct(private DecideGates $decide, private GateDecisions $decisions, private ShowGymGates $show)
    {
    }

    #[Route('', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(GymGatesView::class, says: 'What the gym asks at each stage, and who decided so.')]
    public function ofGym(): GymGatesView
    {
        return $this->show->all();
    }

    #[Route('/{id}', methods: ['PUT'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(GateDecisionView::class, creates: true, says: 'Sets or waives a gate, of an athlete or of the gym.')]
    public function decide(UuidV7 $id, #[FromBody] GateInput $input): Created
    {
        $new = $this->decide->decide($id, $input);

        return Created::of($this->one($id), $new);
    }

    #[Route('/{id}', methods: ['DELETE'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(GateDecisionView::class, says: 'Takes a decision about a gate back.')]
    public function remove(UuidV7 $id, WriteCondition $condition): GateDecisionView
    {
        $this->decide->remove($id, $condition);

        return $this->one($id);
    }

    #[Route('/{id}/restore', methods: ['POST'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(GateDecisionView::class, says: 'Brings a decision about a gate back.')]
    public function restore(UuidV7 $id, WriteCondition $condition): GateDecisionView
    {
        $this->decide->restore($id, $condition);

        return $this->one($id);
    }

    private function one(UuidV7 $id): GateDecisionView
    {
        return GateDecisionView::of($this->decisions->get($id));
    }
}
