<?php

declare(strict_types=1);

namespace Zumbo\App\Faults;

use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Platform\Api\Answers;
use Zumbo\App\Platform\Input\FromQuery;

/**
 * Anybody may look for a fault.
 */
final readonly class FaultsController
{
    public function __construct(private Diagnose $diagnose)
    {
    }

    /**
     * @return list<SignGroupView>
     */
    #[Route('/api/signs', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(SignGroupView::class, list: true, says: 'The signs a coach can see or hear, by where one looks.')]
    public function signs(): array
    {
        return SignGroupView::all();
    }

    #[Route('/api/athletes/{id}/diagnosis', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(DiagnosisView::class, says: 'What to do about what was seen: the load, the rope, one cue, or one question.')]
    public function diagnosis(UuidV7 $id, #[FromQuery] DiagnosisInput $input = new DiagnosisInput()): DiagnosisView
    {
        return $this->diagnose->athlete($id, $input);
    }
}
