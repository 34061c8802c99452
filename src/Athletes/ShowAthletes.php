<?php

declare(strict_types=1);

namespace Zumbo\App\Athletes;

use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Entity\People\Athletes;
use Zumbo\App\Entity\People\Attendances;
use Zumbo\App\Platform\Clock\LocalDay;
use Zumbo\App\Shared\CurrentCoach;
use Zumbo\App\Shared\SentenceView;
use Zumbo\App\Shared\Today\Judged;
use Zumbo\App\Shared\Today\JudgeToday;
use Zumbo\Core\Measure\Verdict;

/**
 * Athletes with their current ropes and the judgement about them, as the signed-in coach may see them.
 */
final readonly class ShowAthletes
{
    public function __construct(
        private Athletes $athletes,
        private JudgeToday $judge,
        private Attendances $attendances,
        private Gyms $gyms,
        private CurrentCoach $coach,
        private ClockInterface $clock,
    ) {
    }

    /**
     * @return list<AthleteView>
     */
    public function all(): array
    {
        $seen = $this->attendances->lastSeen($this->tomorrow());

        return array_map(
            fn (Judged $one): AthleteView => $this->view($one, $seen[$one->athlete->id()->toRfc4122()] ?? null),
            array_values($this->judge->everybody()),
        );
    }

    public function one(Uuid $id): AthleteView
    {
        return $this->view($this->judge->athlete($this->athletes->get($id)), $this->attendances->lastSeenOf($id, $this->tomorrow()));
    }

    /** What was logged today counts. */
    private function tomorrow(): \DateTimeImmutable
    {
        return LocalDay::of($this->clock->now(), $this->gyms->current()->timeZone())->modify('+1 day');
    }

    private function view(Judged $judged, ?int $seenDaysAgo): AthleteView
    {
        $gym = $this->gyms->current();
        $today = LocalDay::of($this->clock->now(), $gym->timeZone());
        $birthYear = $judged->athlete->profile()->birthYear;

        return AthleteView::of(
            $judged,
            $this->said($judged->statures->reminder($birthYear, $today)),
            $judged->statures->nextOn($birthYear, $today),
            (int) $today->format('Y'),
            $this->coach->role(),
            $gym->unit(),
            $seenDaysAgo,
        );
    }

    /** In the gym's unit, which is asked for only when there is something to say. */
    private function said(?Verdict $verdict): ?SentenceView
    {
        return null === $verdict ? null : SentenceView::of($verdict, $this->gyms->current()->unit());
    }
}
