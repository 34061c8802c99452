<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Trim;

use Zumbo\App\Entity\Gym\Gym;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Input\WriteCondition;
use Zumbo\App\Platform\Write\IdempotentWrite;
use Zumbo\App\Platform\Write\Subject;
use Zumbo\App\Shared\GymView;
use Zumbo\Core\Rope\School;
use Zumbo\Core\Rope\TrimSchool;

/**
 * Sets the gym's trim school; once.
 */
final readonly class ChooseTrimSchool
{
    public function __construct(private Gyms $gyms, private GymScope $scope, private IdempotentWrite $writes)
    {
    }

    public function forGym(TrimSchoolInput $input, WriteCondition $condition): Gym
    {
        $this->writes->change(
            $condition,
            Subject::of('trim by', 'gym', $this->scope->gymId()),
            $input,
            $this->gyms->current(...),
            static fn (Gym $gym) => $gym->sizeBy(
                TrimSchool::from($input->trimSchool),
                null === $input->beginnersSchool ? $gym->beginnersSchool() : School::from($input->beginnersSchool),
            ),
            GymView::of(...),
        );

        return $this->gyms->current();
    }
}
