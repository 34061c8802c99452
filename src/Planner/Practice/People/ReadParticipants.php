<?php

declare(strict_types=1);

namespace Zumbo\App\Planner\Practice\People;

use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\Gym\Gym;
use Zumbo\App\Entity\Log\DaySums;
use Zumbo\App\Entity\People\Athletes;
use Zumbo\App\Entity\People\Focus;
use Zumbo\App\Entity\People\Focuses;
use Zumbo\App\Platform\Clock\LocalDay;
use Zumbo\App\Shared\Here\ReadHere;
use Zumbo\App\Shared\Today\Judged;
use Zumbo\App\Shared\Today\JudgeToday;
use Zumbo\Core\Plan\Practice\FaultAtWork;
use Zumbo\Core\Plan\Practice\Participant;

/**
 * Everybody who is here tonight, or one athlete, as a plan needs to know them.
 */
final readonly class ReadParticipants
{
    public function __construct(
        private ReadHere $here,
        private Athletes $athletes,
        private JudgeToday $judge,
        private Focuses $focuses,
        private DaySums $sums,
        private ReadPace $pace,
        private ClockInterface $clock,
    ) {
    }

    /**
     * @return array<string, PlannedPerson> by athlete id, in the order of the hall
     */
    public function tonight(Gym $gym): array
    {
        return $this->participants($this->here->tonight($gym, $this->clock->now())['here'], $gym);
    }

    /**
     * @return array<string, PlannedPerson> of one, who may not be in the hall
     */
    public function alone(Uuid $id, Gym $gym): array
    {
        return $this->participants([$id->toRfc4122() => $this->judge->athlete($this->athletes->get($id))], $gym);
    }

    /**
     * @param array<string, Judged> $judged
     *
     * @return array<string, PlannedPerson>
     */
    private function participants(array $judged, Gym $gym): array
    {
        $now = $this->clock->now();
        $focuses = $this->focuses->current($now);
        $days = $this->sums->stageDays();
        $day = LocalDay::of($now, $gym->timeZone());
        $people = [];
        foreach ($judged as $id => $one) {
            $before = ($days[$id][$one->athlete->stage()->value] ?? 0) - (int) $one->sums->hasStageOn($one->athlete->stage(), $day);
            $people[$id] = new PlannedPerson($one, $this->participant($id, $one, $focuses[$id] ?? null, $before, $day));
        }

        return $people;
    }

    private function participant(string $id, Judged $one, ?Focus $focus, int $before, \DateTimeImmutable $day): Participant
    {
        $stage = $one->athlete->stage();
        $ways = $one->gates->ways;
        $last = $one->sums->lastDayBefore($day);
        $fault = $focus?->toCore();
        $facts = $one->days->facts($day, $stage, null);

        return new Participant(
            $id,
            $stage,
            $ways,
            $one->today->allowance,
            max(0, $before),
            null === $fault ? null : new FaultAtWork($fault->code, $fault->drillBy($ways)->code),
            null === $last ? [] : $one->sums->drillsOn($last),
            $this->pace->of($one),
            true,
            null !== $last && isset($one->days->stoppedDays[$last->format('Y-m-d')]),
            $facts->usual->reps,
            $facts->usual->misses,
        );
    }
}
