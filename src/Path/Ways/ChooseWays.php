<?php

declare(strict_types=1);

namespace Zumbo\App\Path\Ways;

use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Entity\Gym\Gym;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Entity\People\Athlete;
use Zumbo\App\Entity\People\Athletes;
use Zumbo\App\Path\AthletePathView;
use Zumbo\App\Path\ShowPath;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Input\WriteCondition;
use Zumbo\App\Platform\Write\IdempotentWrite;
use Zumbo\App\Platform\Write\Subject;

/**
 * Chooses how a gym teaches, or how one athlete is taught; once.
 */
final readonly class ChooseWays
{
    public function __construct(
        private Gyms $gyms,
        private Athletes $athletes,
        private ShowPath $show,
        private GymScope $scope,
        private IdempotentWrite $writes,
    ) {
    }

    public function ofGym(WaysInput $input, WriteCondition $condition): void
    {
        $this->writes->change(
            $condition,
            Subject::of('teach', 'gym', $this->scope->gymId()),
            $input,
            $this->gyms->current(...),
            static fn (Gym $gym) => $gym->teachBy($input->chosen()),
            GymWaysView::of(...),
        );
    }

    public function ofAthlete(UuidV7 $id, WaysInput $input, WriteCondition $condition): void
    {
        $this->writes->change(
            $condition,
            Subject::of('teach', 'athlete', $id),
            $input,
            fn (): Athlete => $this->athletes->get($id),
            static fn (Athlete $athlete) => $athlete->teachBy($input->chosen()),
            fn (): AthletePathView => $this->show->of($id),
        );
    }
}
