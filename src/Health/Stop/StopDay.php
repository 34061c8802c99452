<?php

declare(strict_types=1);

namespace Zumbo\App\Health\Stop;

use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Entity\Health\DayStop;
use Zumbo\App\Entity\Health\DayStops;
use Zumbo\App\Platform\Clock\LocalDay;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Input\WriteCondition;
use Zumbo\App\Platform\Write\IdempotentWrite;
use Zumbo\App\Platform\Write\Subject;
use Zumbo\App\Shared\CoachName;
use Zumbo\App\Shared\People\NamedAthlete;
use Zumbo\Core\Today\StopWord;

/**
 * Ends an athlete's jumping for today, and undoes that; each write once.
 */
final readonly class StopDay
{
    public function __construct(
        private DayStops $stops,
        private NamedAthlete $athletes,
        private Gyms $gyms,
        private CoachName $name,
        private IdempotentWrite $writes,
        private GymScope $scope,
        private ClockInterface $clock,
    ) {
    }

    /** @return bool true when it is new, false when the same request came before */
    public function stop(UuidV7 $id, StopInput $input): bool
    {
        return $this->writes->run($id, Subject::of('stop', 'stop', $id), $input, function () use ($id, $input): void {
            $this->stops->add(
                new DayStop(
                    $this->scope->gymId(),
                    $id,
                    $this->athletes->of($input->athleteId)->id(),
                    LocalDay::of($this->clock->now(), $this->gyms->current()->timeZone()),
                    StopWord::from($input->why),
                    $this->name->ofCurrent(),
                ),
            );
        });
    }

    public function takeBack(UuidV7 $id, WriteCondition $condition): void
    {
        $this->writes->change(
            $condition,
            Subject::of('take back', 'stop', $id),
            null,
            fn (): DayStop => $this->stops->get($id),
            fn (DayStop $stop) => $stop->remove($this->clock->now()),
            StopView::of(...),
        );
    }
}
