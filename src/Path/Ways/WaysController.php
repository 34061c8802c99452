<?php

declare(strict_types=1);

namespace Zumbo\App\Path\Ways;

use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Path\AthletePathView;
use Zumbo\App\Path\ShowPath;
use Zumbo\App\Platform\Api\Answers;
use Zumbo\App\Platform\Input\FromBody;
use Zumbo\App\Platform\Input\WriteCondition;

/**
 * How a gym teaches, and how one athlete is taught otherwise.
 */
final readonly class WaysController
{
    public function __construct(private ChooseWays $choose, private ShowPath $show, private Gyms $gyms)
    {
    }

    #[Route('/api/gym/ways', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(GymWaysView::class, says: 'How the gym teaches, with every school’s reasons.')]
    public function ofGym(): GymWaysView
    {
        return GymWaysView::of($this->gyms->current());
    }

    #[Route('/api/gym/ways', methods: ['PATCH'])]
    #[IsGranted('ROLE_OWNER')]
    #[Answers(GymWaysView::class, says: 'Chooses how the gym teaches.')]
    public function chooseOfGym(WriteCondition $condition, #[FromBody] WaysInput $input): GymWaysView
    {
        $this->choose->ofGym($input, $condition);

        return $this->ofGym();
    }

    #[Route('/api/athletes/{id}/ways', methods: ['PATCH'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(AthletePathView::class, says: 'Chooses how an athlete is taught otherwise than the gym does.')]
    public function chooseOfAthlete(UuidV7 $id, WriteCondition $condition, #[FromBody] WaysInput $input): AthletePathView
    {
        $this->choose->ofAthlete($id, $input, $condition);

        return $this->show->of($id);
    }
}
