<?php

declare(strict_types=1);

namespace Zumbo\App\Pacing;

use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\Log\Attempts;
use Zumbo\App\Entity\People\Athletes;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\App\Shared\SentenceView;
use Zumbo\App\Shared\Today\MayJump;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Numeric\TooMuchWork;
use Zumbo\Core\Pacing\Aim;
use Zumbo\Core\Pacing\AthleteHazard;
use Zumbo\Core\Pacing\PlanAdvice;
use Zumbo\Core\Pacing\ScaledWork;
use Zumbo\Core\Pacing\WorkoutPlan;
use Zumbo\Core\Stage\Stage;
use Zumbo\Core\Streak\Prior;

/**
 * Plans the doubles of a workout from the athlete's own log.
 */
final readonly class PlanPacing
{
    public function __construct(
        private Athletes $athletes,
        private Attempts $attempts,
        private MayJump $mayJump,
        private ClockInterface $clock,
    ) {
    }

    public function forAthlete(Uuid $id, PacingInput $input): PacingView
    {
        $athlete = $this->athletes->get($id);
        $this->mayJump->orRefuse($athlete);
        $stage = $athlete->stage();
        $own = AthleteHazard::of(Prior::ofDoubles($stage), $this->attempts->countedDoubles($id, $this->clock->now()));
        try {
            $plan = WorkoutPlan::of($input->reps, $input->rounds, $own->hazard, $input->missCost, $input->breakCost);
        } catch (TooMuchWork) {
            throw BadField::of('reps', $input->reps, 'fewer, or fewer rounds: so many take too long to plan');
        }
        $planned = !$stage->isBefore(Stage::Link);
        $advice = $planned ? PlanAdvice::of($plan->rounds[0]) : PlanAdvice::withoutPlan();
        $recommended = ScaledWork::recommended($plan->ways, Aim::from($input->aim));

        return new PacingView(
            $id->toRfc4122(),
            SentenceView::of($advice->plan, LengthUnit::Centimetre),
            SentenceView::of($advice->matter, LengthUnit::Centimetre),
            SentenceView::of($own->source, LengthUnit::Centimetre),
            $planned ? array_map(RoundView::of(...), $plan->rounds) : [],
            $plan->expectedS,
            $plan->p10S,
            $plan->p90S,
            $plan->unbrokenS,
            array_map(
                static fn (ScaledWork $way): ScaledView => ScaledView::of($way, $way->scaling === $recommended),
                $plan->ways,
            ),
        );
    }
}
