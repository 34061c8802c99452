<?php

declare(strict_types=1);

namespace Zumbo\App\Pacing;

use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\Log\Attempts;
use Zumbo\App\Entity\People\Athletes;
use Zumbo\App\Shared\SentenceView;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Pacing\Aim;
use Zumbo\Core\Pacing\AthleteHazard;
use Zumbo\Core\Pacing\LossDistribution;
use Zumbo\Core\Pacing\LossGrid;
use Zumbo\Core\Pacing\PlanAdvice;
use Zumbo\Core\Pacing\RepTiming;
use Zumbo\Core\Pacing\RoundPlan;
use Zumbo\Core\Pacing\ScaledWork;
use Zumbo\Core\Streak\Hazard;

/**
 * Plans the doubles of a workout from the athlete's own log.
 */
final readonly class PlanPacing
{
    /** Doubles and singles a second while jumping (our assumption). */
    private const DOUBLES_PER_S = 1.77;
    private const SINGLES_PER_S = 2.2;

    /** Each round raises the chance of a miss by so much (our assumption). */
    private const FATIGUE_PER_ROUND = 0.05;

    private const SINGLES_PER_DOUBLE = 2.0;
    private const FEWER = 0.5;

    public function __construct(
        private Athletes $athletes,
        private Attempts $attempts,
        private ClockInterface $clock,
    ) {
    }

    public function forAthlete(Uuid $id, PacingInput $input): PacingView
    {
        $athlete = $this->athletes->get($id);
        $hazard = AthleteHazard::of($athlete->stage(), $this->attempts->countedDoubles($id, $this->clock->now()));
        $rounds = [];
        $ways = [];
        $loss = LossDistribution::none(LossGrid::of($input->breakCost, $input->missCost));
        for ($i = 0; $i < $input->rounds; ++$i) {
            $tired = $hazard->hazard->times((1 + self::FATIGUE_PER_ROUND) ** $i);
            $rounds[] = $round = RoundPlan::of(
                $input->reps,
                self::DOUBLES_PER_S,
                $tired,
                $input->missCost,
                $input->breakCost,
            );
            $loss = $loss->then($round->loss);
            $ways[] = self::ways($tired, $input);
        }
        $sum = static fn (callable $of): float => array_sum(array_map($of, $rounds));
        $work = $sum(static fn (RoundPlan $round): float => $round->workS);
        [$p10, $p90] = $loss->quantiles([0.1, 0.9]);
        $advice = PlanAdvice::of($rounds[0]);

        return new PacingView(
            $id->toRfc4122(),
            SentenceView::of($advice->plan, LengthUnit::Centimetre),
            SentenceView::of($advice->matter, LengthUnit::Centimetre),
            SentenceView::of($hazard->source, LengthUnit::Centimetre),
            array_map(RoundView::of(...), $rounds),
            $sum(static fn (RoundPlan $round): float => $round->expectedS),
            $work + $p10,
            $work + $p90,
            $sum(static fn (RoundPlan $round): float => $round->unbrokenS),
            self::added($ways, Aim::from($input->aim)),
        );
    }

    /**
     * One round, scaled in each way.
     *
     * @return non-empty-list<ScaledWork>
     */
    private static function ways(Hazard $hazard, PacingInput $input): array
    {
        return ScaledWork::all(
            $input->reps,
            (int) ceil($input->reps / 2),
            self::SINGLES_PER_DOUBLE,
            self::FEWER,
            new RepTiming(self::DOUBLES_PER_S, $hazard, $input->missCost, $input->breakCost),
            new RepTiming(self::SINGLES_PER_S, Hazard::usualSingles(), $input->missCost, $input->breakCost),
        );
    }

    /**
     * @param list<non-empty-list<ScaledWork>> $rounds
     *
     * @return list<ScaledView>
     */
    private static function added(array $rounds, Aim $aim): array
    {
        $total = array_shift($rounds) ?? throw new \LogicException('a workout has a round');
        foreach ($rounds as $round) {
            $total = array_map(
                static fn (ScaledWork $one, ScaledWork $other): ScaledWork => $one->plus($other),
                $total,
                $round,
            );
        }
        $recommended = ScaledWork::recommended($total, $aim);

        return array_map(
            static fn (ScaledWork $way): ScaledView => ScaledView::of($way, $way->scaling === $recommended),
            $total,
        );
    }
}
