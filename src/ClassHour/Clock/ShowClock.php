<?php

declare(strict_types=1);

namespace Zumbo\App\ClassHour\Clock;

use Psr\Clock\ClockInterface;
use Zumbo\App\Entity\Evening\ClassClock;
use Zumbo\App\Entity\Evening\ClassClocks;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Entity\People\Athlete;
use Zumbo\App\Entity\People\Athletes;
use Zumbo\App\Platform\Clock\HallTime;
use Zumbo\App\Platform\Clock\LocalDay;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Shared\Interval\ClockPhaseView;
use Zumbo\App\Shared\Interval\StationStripView;
use Zumbo\Core\Drill\DrillTable;
use Zumbo\Core\Measure\Rate;
use Zumbo\Core\Method\Ways;
use Zumbo\Core\Sets\Interval\ClockPhase;
use Zumbo\Core\Sets\Interval\IntervalProgramme;
use Zumbo\Core\Stage\Stage;

/**
 * Tells the clock of the class: to coaches with who is who, to athletes with first names only.
 */
final readonly class ShowClock
{
    /** Whose jumps are drawn where nobody is named. */
    private const USUAL_STAGE = Stage::Link;

    public function __construct(
        private ClassClocks $clocks,
        private Athletes $athletes,
        private Gyms $gyms,
        private GymScope $scope,
        private HallTime $time,
        private ClockInterface $day,
    ) {
    }

    public function running(): RunningClockView
    {
        $gym = $this->gyms->current();
        $open = $this->clocks->open(LocalDay::of($this->day->now(), $gym->timeZone()));

        return new RunningClockView(null === $open ? null : $this->toCoaches($open), $this->time->nowMs(), $gym->revision());
    }

    public function toCoaches(ClassClock $clock): ClassClockView
    {
        return $this->view($clock, true);
    }

    /** @throws ClassIsOver when the secret is another, or the class was ended, or is of another day */
    public function toAthletes(ClassLinkInput $input): ClassClockView
    {
        $clock = $this->clocks->find($input->clock());
        $today = LocalDay::of($this->day->now(), $this->gyms->current()->timeZone())->format('Y-m-d');
        if (
            null === $clock
            || $clock->isRemoved()
            || $clock->localDay()->format('Y-m-d') !== $today
            || !hash_equals($clock->linkSecret(), $input->secret)
        ) {
            throw new ClassIsOver();
        }

        return $this->view($clock, false);
    }

    private function view(ClassClock $clock, bool $toCoaches): ClassClockView
    {
        $athletes = [];
        foreach ($this->athletes->present() as $athlete) {
            $athletes[$athlete->id()->toRfc4122()] = $athlete;
        }
        $shared = $clock->clock();
        $programmes = [];
        foreach ($clock->programmes() as $kept) {
            $people = array_values(array_filter(array_map(static fn (string $id): ?Athlete => $athletes[$id] ?? null, $kept['athletes'])));
            $phases = $shared->stretchedPhases(IntervalProgramme::parse($kept['text'], $kept['keepLastRest'])->phases);
            $stage = self::earliest($people);
            $own = Rate::perMinute(DrillTable::ofStage($stage, Ways::usual())[0]->cadence);
            $programmes[] = new ProgrammeView(
                $kept['title'],
                $kept['text'],
                $kept['keepLastRest'],
                array_map(static fn (ClockPhase $phase): ClockPhaseView => ClockPhaseView::of($phase, $stage, $own), $phases),
                StationStripView::ofAll($phases, $stage, $own),
                array_map(
                    static fn (Athlete $one): ClockPersonView => new ClockPersonView(
                        $one->profile()->firstName(),
                        $toCoaches ? $one->id()->toRfc4122() : null,
                    ),
                    $people,
                ),
                array_sum(array_map(static fn (ClockPhase $phase): int => $phase->seconds, $phases)),
            );
        }
        $link = $toCoaches
            ? implode('.', [$this->scope->gymId()->toRfc4122(), $clock->id()->toRfc4122(), $clock->linkSecret()])
            : '';

        return new ClassClockView(
            $clock->id()->toRfc4122(),
            $clock->version(),
            $shared->startMs,
            $shared->pausedAtMs,
            $programmes,
            $toCoaches ? $clock->movedBy() : '',
            $link,
            $this->time->nowMs(),
            $clock->isRemoved(),
        );
    }

    /**
     * @param list<Athlete> $people
     */
    private static function earliest(array $people): Stage
    {
        $stages = array_map(static fn (Athlete $one): Stage => $one->stage(), $people);
        usort($stages, static fn (Stage $one, Stage $other): int => $one->number() <=> $other->number());

        return $stages[0] ?? self::USUAL_STAGE;
    }
}
