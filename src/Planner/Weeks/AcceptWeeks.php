<?php

declare(strict_types=1);

namespace Zumbo\App\Planner\Weeks;

use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Entity\People\Athletes;
use Zumbo\App\Entity\Plan\AcceptedPlans;
use Zumbo\App\Entity\Plan\AcceptedWeeks;
use Zumbo\App\Entity\Plan\WeeksFacts;
use Zumbo\App\Platform\Clock\LocalDay;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Gym\UnknownRow;
use Zumbo\App\Platform\Write\IdempotentWrite;
use Zumbo\App\Platform\Write\Subject;
use Zumbo\App\Shared\CoachName;
use Zumbo\App\Shared\Today\JudgeToday;

/**
 * Keeps what the weeks of an athlete rest on when a coach accepts them.
 */
final readonly class AcceptWeeks
{
    public function __construct(
        private Athletes $athletes,
        private JudgeToday $judge,
        private ReadWeeks $read,
        private AcceptedPlans $accepted,
        private Gyms $gyms,
        private CoachName $name,
        private IdempotentWrite $writes,
        private GymScope $scope,
        private ClockInterface $clock,
    ) {
    }

    /** @throws UnknownRow when this gym has no such athlete */
    public function accept(UuidV7 $id, Uuid $athleteId, AcceptWeeksInput $input): void
    {
        $this->writes->run($id, Subject::of('accept', 'weeks', $id), $input, function () use ($id, $athleteId): void {
            $gym = $this->gyms->current();
            $now = $this->clock->now();
            $judged = $this->judge->athlete($this->athletes->get($athleteId));
            $this->accepted->add(new AcceptedWeeks(
                $this->scope->gymId(),
                $id,
                $athleteId,
                ReadWeeks::monday(LocalDay::of($now, $gym->timeZone())),
                WeeksFacts::of($this->read->of($judged, $gym)),
                $this->name->ofCurrent(),
                $now,
            ));
        });
    }
}
