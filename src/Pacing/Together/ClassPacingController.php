<?php

declare(strict_types=1);

namespace Zumbo\App\Pacing\Together;

use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Zumbo\App\Platform\Api\Answers;
use Zumbo\App\Platform\Input\FromQuery;

/**
 * A workout for the class.
 */
#[Route('/api/class-pacing')]
final readonly class ClassPacingController
{
    public function __construct(private PlanClass $plan)
    {
    }

    #[Route('', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(ClassPacingView::class, says: 'A workout for everybody who is here, who is likeliest to get stuck first.')]
    public function tonight(#[FromQuery] ClassPacingInput $input = new ClassPacingInput()): ClassPacingView
    {
        return $this->plan->tonight($input);
    }

    #[Route('/csv', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(null, file: 'text/csv', says: 'A workout for everybody who is here, as CSV.')]
    public function csv(#[FromQuery] ClassPacingInput $input = new ClassPacingInput()): Response
    {
        return new Response(ClassPacingCsv::of($this->plan->tonight($input)), 200, [
            'Content-Type' => 'text/csv; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="workout.csv"',
        ]);
    }
}
