<?php

declare(strict_types=1);

namespace Zumbo\App\ClassHour\Clock;

use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Entity\Evening\ClassClock;
use Zumbo\App\Entity\Evening\ClassClocks;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Platform\Clock\HallTime;
use Zumbo\App\Platform\Clock\LocalDay;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Input\WriteCondition;
use Zumbo\App\Platform\Write\IdempotentWrite;
use Zumbo\App\Platform\Write\Subject;
use Zumbo\App\Shared\CoachName;
use Zumbo\Core\Sets\Clock\SharedClock;
use Zumbo\Core\Sets\Interval\IntervalProgramme;

/**
 * Starts the clock of the class, moves it and ends it; each touch once, from whichever screen.
 */
final readonly class RunClock
{
    private const KIND = 'clock';
    private const STEP_S = 30;

    public function __construct(
        private ClassClocks $clocks,
        private ShowClock $show,
        private Gyms $gyms,
        private CoachName $name,
        private IdempotentWrite $writes,
        private GymScope $scope,
        private HallTime $time,
        private ClockInterface $day,
    ) {
    }

    /**
     * @return bool true when it is new, false when the same request came before
     *
     * @throws ClockRuns when another one runs
     */
    public function start(UuidV7 $id, ClassClockInput $input): bool
    {
        $programmes = $input->kept();

        return $this->writes->run($id, Subject::of('start', self::KIND, $id), $input, function () use ($id, $input, $programmes): void {
            $today = LocalDay::of($this->day->now(), $this->gyms->current()->timeZone());
            if (null !== $this->clocks->open($today)) {
                throw new ClockRuns();
            }
            $this->clocks->add(new ClassClock(
                $this->scope->gymId(),
                $id,
                $today,
                $programmes,
                SharedClock::startedAt($this->time->nowMs(), $input->countInS),
                $input->linkSecret,
                $this->name->ofCurrent(),
            ));
        });
    }

    public function move(UuidV7 $id, ClockMoveInput $input, WriteCondition $condition): void
    {
        $now = $this->time->nowMs();
        $this->change('move', $id, $condition, $input, function (ClassClock $row) use ($input, $now): void {
            $clock = $row->clock();
            $row->move(
                match ($input->move) {
                    'pause' => $clock->paused($now),
                    'go' => $clock->resumed($now),
                    'add' => $clock->stretched($now, self::STEP_S),
                    'take' => $clock->stretched($now, -self::STEP_S),
                    default => $clock->skipped($now, array_map(
                        static fn (array $one): array => IntervalProgramme::parse($one['text'], $one['keepLastRest'])->phases,
                        $row->programmes(),
                    )),
                },
                $this->name->ofCurrent(),
            );
        });
    }

    public function share(UuidV7 $id, ProgrammesInput $input, WriteCondition $condition): void
    {
        $programmes = $input->kept();
        $this->change('share', $id, $condition, $input, fn (ClassClock $row) => $row->share($programmes, $this->name->ofCurrent()));
    }

    public function end(UuidV7 $id, WriteCondition $condition): void
    {
        $this->change('end', $id, $condition, null, fn (ClassClock $row) => $row->remove($this->day->now()));
    }

    /** @param callable(ClassClock): void $change */
    private function change(string $verb, UuidV7 $id, WriteCondition $condition, ?object $body, callable $change): void
    {
        $this->writes->change(
            $condition,
            Subject::of($verb, self::KIND, $id),
            $body,
            fn (): ClassClock => $this->clocks->get($id),
            $change,
            $this->show->toCoaches(...),
        );
    }
}
