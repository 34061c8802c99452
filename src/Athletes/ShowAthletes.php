<?php

declare(strict_types=1);

namespace Zumbo\App\Athletes;

use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Entity\People\Athlete;
use Zumbo\App\Entity\People\Athletes;
use Zumbo\App\Entity\People\Statures;
use Zumbo\App\Entity\Ropes\Rope;
use Zumbo\App\Entity\Ropes\Ropes;
use Zumbo\App\Shared\CurrentCoach;
use Zumbo\App\Shared\SentenceView;
use Zumbo\Core\Body\StatureHistory;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\Verdict;

/**
 * Athletes with their current ropes, as the signed-in coach may see them.
 */
final readonly class ShowAthletes
{
    public function __construct(
        private Athletes $athletes,
        private Ropes $ropes,
        private Statures $statures,
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
        $ropes = $this->ropes->current();
        $statures = $this->statures->all();

        return array_map(
            fn (Athlete $athlete): AthleteView => $this->view(
                $athlete,
                $ropes[$athlete->id()->toRfc4122()] ?? null,
                $statures[$athlete->id()->toRfc4122()] ?? StatureHistory::none(),
            ),
            $this->athletes->present(),
        );
    }

    public function one(Uuid $id): AthleteView
    {
        return $this->view($this->athletes->get($id), $this->ropes->currentOf($id), $this->statures->ofAthlete($id));
    }

    private function view(Athlete $athlete, ?Rope $rope, StatureHistory $statures): AthleteView
    {
        $today = $this->clock->now();
        $profile = $athlete->profile();

        return AthleteView::of(
            $athlete,
            $rope,
            $this->said($statures->outgrown($rope?->createdAt(), Length::ofMetres($profile->statureM))),
            $this->said($statures->reminder($profile->birthYear, $today)),
            (int) $today->format('Y'),
            $this->coach->role(),
        );
    }

    /** In the gym's unit, which is asked for only when there is something to say. */
    private function said(?Verdict $verdict): ?SentenceView
    {
        return null === $verdict ? null : SentenceView::of($verdict, $this->gyms->current()->unit());
    }
}
