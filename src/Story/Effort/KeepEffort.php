<?php

declare(strict_types=1);

namespace Zumbo\App\Story\Effort;

use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Entity\Effort\SessionEffort;
use Zumbo\App\Entity\Effort\SessionEfforts;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Platform\Clock\LocalDay;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Input\WriteCondition;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\App\Platform\Write\IdempotentWrite;
use Zumbo\App\Platform\Write\Subject;
use Zumbo\App\Shared\CoachName;
use Zumbo\App\Shared\People\NamedAthlete;

/**
 * Writes down how hard a session felt, takes it back and brings it back; each write once.
 */
final readonly class KeepEffort
{
    public function __construct(
        private SessionEfforts $efforts,
        private NamedAthlete $athletes,
        private Gyms $gyms,
        private CoachName $coach,
        private IdempotentWrite $writes,
        private GymScope $scope,
        private ClockInterface $clock,
    ) {
    }

    /**
     * @return bool true when it is new, false when the same request came before
     *
     * @throws BadField when the day is still to come
     */
    public function say(UuidV7 $id, SessionEffortInput $input): bool
    {
        $today = LocalDay::of($this->clock->now(), $this->gyms->current()->timeZone());
        if ($input->day() > $today) {
            throw BadField::of('on', $input->on, \sprintf('a day up to today, %s', $today->format('Y-m-d')));
        }

        return $this->writes->run($id, Subject::of('say', 'effort', $id), $input, fn () => $this->efforts->add(new SessionEffort(
            $this->scope->gymId(),
            $id,
            $this->athletes->of($input->athleteId)->id(),
            $input->day(),
            $input->effort,
            $input->minutes,
            $this->coach->ofCurrent(),
        )));
    }

    public function remove(UuidV7 $id, WriteCondition $condition): void
    {
        $this->apply($id, $condition, 'remove', fn (SessionEffort $effort) => $effort->remove($this->clock->now()));
    }

    public function restore(UuidV7 $id, WriteCondition $condition): void
    {
        $this->apply($id, $condition, 'restore', static fn (SessionEffort $effort) => $effort->restore());
    }

    /**
     * @param callable(SessionEffort): void $change
     */
    private function apply(UuidV7 $id, WriteCondition $condition, string $verb, callable $change): void
    {
        $this->writes->change(
            $condition,
            Subject::of($verb, 'effort', $id),
            null,
            fn (): SessionEffort => $this->efforts->get($id),
            $change,
            SessionEffortView::of(...),
        );
    }
}
