<?php

declare(strict_types=1);

namespace Zumbo\App\Athletes;

use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Entity\People\Athletes;
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
        return array_map($this->view(...), array_values($this->judge->everybody()));
    }

    public function one(Uuid $id): AthleteView
    {
        return $this->view($this->judge->athlete($this->athletes->get($id)));
    }

    private function view(Judged $judged): AthleteView
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
        );
    }

    /** In the gym's unit, which is asked for only when there is something to say. */
    private function said(?Verdict $verdict): ?SentenceView
    {
        return null === $verdict ? null : SentenceView::of($verdict, $this->gyms->current()->unit());
    }
}
