<?php

declare(strict_types=1);

namespace Zumbo\App\Athletes;

use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Input\WriteCondition;
use Zumbo\App\Platform\Write\IdempotentWrite;
use Zumbo\App\Platform\Write\Subject;
use Zumbo\App\Record\Athlete;
use Zumbo\App\Record\Athletes;

/**
 * Adds, changes, removes and brings back athletes; each write once.
 */
final readonly class SaveAthlete
{
    public function __construct(
        private Athletes $athletes,
        private ShowAthletes $show,
        private IdempotentWrite $writes,
        private GymScope $scope,
        private ClockInterface $clock,
    ) {
    }

    /** @return bool true when it is new, false when the same request came before */
    public function add(UuidV7 $id, AthleteInput $input): bool
    {
        return $this->writes->run($id, Subject::of('add', 'athlete', $id), $input, function () use ($id, $input): void {
            $profile = $input->profile();
            $this->athletes->add(new Athlete($this->scope->gymId(), $id, $profile, $profile->experience->firstStage(), $this->clock->now()));
        });
    }

    public function change(UuidV7 $id, AthleteInput $input, WriteCondition $condition): void
    {
        $this->apply($id, $condition, 'change', $input, static fn (Athlete $athlete) => $athlete->change($input->profile()));
    }

    public function remove(UuidV7 $id, WriteCondition $condition): void
    {
        $this->apply($id, $condition, 'remove', null, fn (Athlete $athlete) => $athlete->remove($this->clock->now()));
    }

    public function restore(UuidV7 $id, WriteCondition $condition): void
    {
        $this->apply($id, $condition, 'restore', null, static fn (Athlete $athlete) => $athlete->restore());
    }

    /**
     * @param callable(Athlete): void $change
     */
    private function apply(UuidV7 $id, WriteCondition $condition, string $verb, ?AthleteInput $input, callable $change): void
    {
        $this->writes->change(
            $condition,
            Subject::of($verb, 'athlete', $id),
            $input,
            fn (): Athlete => $this->athletes->get($id),
            $change,
            fn (): AthleteView => $this->show->one($id),
        );
    }
}
