<?php

declare(strict_types=1);

namespace Zumbo\App\OwnCard\Sent;

use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\Effort\SessionEffort;
use Zumbo\App\Entity\Effort\SessionEfforts;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\OwnCard\HeldCard;
use Zumbo\App\Platform\Clock\LocalDay;
use Zumbo\App\Platform\Clock\PastInstant;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Write\IdempotentWrite;
use Zumbo\App\Platform\Write\Subject;

/**
 * Writes down how hard a session felt, as the athlete says it; of one day the last word counts.
 */
final readonly class SayEffort
{
    public function __construct(
        private SessionEfforts $efforts,
        private Gyms $gyms,
        private IdempotentWrite $writes,
        private GymScope $scope,
        private ClockInterface $clock,
    ) {
    }

    public function of(HeldCard $held, CardEffortInput $input): CardSentView
    {
        $now = $this->clock->now();
        $day = LocalDay::of(PastInstant::of('at', $input->at, $now), $this->gyms->current()->timeZone());
        $id = Uuid::fromString($input->id);
        $this->writes->run($id, Subject::of('say', 'effort', $id), $input->said(), function () use ($held, $input, $id, $day, $now): void {
            $this->efforts->ownOf($held->athlete->id(), $day)?->remove($now);
            $this->efforts->add(new SessionEffort(
                $this->scope->gymId(),
                $id,
                $held->athlete->id(),
                $day,
                $input->effort,
                $input->minutes,
                $held->writer(),
                true,
            ));
        });

        return new CardSentView(false);
    }
}
