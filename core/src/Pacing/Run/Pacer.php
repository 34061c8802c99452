<?php

declare(strict_types=1);

namespace Zumbo\Core\Pacing\Run;

use Zumbo\Core\Pacing\Desk\DoublesPlan;
use Zumbo\Core\Pacing\Desk\StationTime;
use Zumbo\Core\Pacing\Desk\TimedWorkout;
use Zumbo\Core\Pacing\Workout\StationKind;
use Zumbo\Core\Pacing\Workout\WorkoutForm;

/**
 * A planned workout as a pacer calls it: leg by leg, each with when it ought to be over.
 *
 * What a station of doubles loses on average is spread over its sets: to each what its reps would miss, to each break what a break
 * costs, in these shares.
 */
final class Pacer
{
    private const MOST_LEGS = 400;

    /** @var list<RunLeg> */
    private array $legs = [];
    private float $at = 0.0;
    private float $pause = 0.0;

    private function __construct(private readonly float $missCostS, private readonly float $breakCostS)
    {
    }

    /**
     * @param list<DoublesPlan>        $plans of the stations of doubles, in order; none: no set is planned
     * @param non-empty-list<int>|null $first sets of the first doubles, as a coach has bent them; null: as planned
     *
     * @return list<RunLeg>
     */
    public static function legs(TimedWorkout $timed, array $plans, float $missCostS, float $breakCostS, ?array $first = null): array
    {
        $pacer = new self($missCostS, $breakCostS);
        foreach (self::rounds($timed) as $round => $stations) {
            $pacer->begin($timed, $round);
            foreach ($stations as $one) {
                $plan = $one->station->isDoubles() ? array_shift($plans) : null;
                // The last plan stands for the rounds that may come on top of those that were planned.
                $plans = [] === $plans && null !== $plan ? [$plan] : $plans;
                $pacer->station($round, $one, $plan, $first);
                $first = null === $plan ? $first : null;
            }
        }

        return $pacer->within($timed);
    }

    /**
     * @return list<list<StationTime>>
     */
    private static function rounds(TimedWorkout $timed): array
    {
        $rounds = [];
        foreach ($timed->stations as $one) {
            $rounds[$one->round][] = $one;
        }
        $rounds = array_values($rounds);

        // One round is planned of as many as fit: it comes again until nobody gets further.
        return null === $timed->fit || [] === $rounds ? $rounds : array_fill(0, $timed->fit->p90 + 1, $rounds[0]);
    }

    /** At every minute, and of intervals, a round waits for its clock. */
    private function begin(TimedWorkout $timed, int $round): void
    {
        $workout = $timed->workout;
        $due = match ($workout->form) {
            WorkoutForm::EveryMinutes => (float) ($round * $workout->windowS),
            WorkoutForm::Intervals => (float) ($round * ($workout->windowS + $workout->betweenS)),
            WorkoutForm::ForTime, WorkoutForm::ManyRounds => $this->at,
        };
        $this->pause += max(0.0, $due - $this->at);
        $this->at = max($this->at, $due);
    }

    /** @param non-empty-list<int>|null $bent */
    private function station(int $round, StationTime $one, ?DoublesPlan $plan, ?array $bent): void
    {
        if (StationKind::Rest === $one->station->kind) {
            $this->pause += $one->workS;
            $this->at += $one->workS;

            return;
        }
        if (null === $plan || null === $one->plan) {
            $lossS = $one->expectedS() - $one->workS;
            $this->leg($round, $one, $one->station->reps, $one->workS, $lossS, $one->plan?->expectedMisses() ?? 0.0);

            return;
        }
        $this->sets($round, $one, $plan, $bent ?? $plan->plan);
    }

    /** @param non-empty-list<int> $sets */
    private function sets(int $round, StationTime $one, DoublesPlan $plan, array $sets): void
    {
        $missed = array_map(static fn (int $set): float => array_sum(\array_slice($plan->hazard, 0, $set)), $sets);
        $weight = array_sum($missed) * $this->missCostS + (\count($sets) - 1) * $this->breakCostS;
        $share = $weight > 0.0 ? ($one->plan?->lossAlong($sets) ?? 0.0) / $weight : 0.0;
        $misses = array_sum($missed) > 0.0 ? ($one->plan?->expectedMisses() ?? 0.0) / array_sum($missed) : 0.0;
        foreach ($sets as $i => $set) {
            if ($i > 0) {
                $this->pause += $share * $this->breakCostS;
                $this->at += $share * $this->breakCostS;
            }
            $workS = $one->workS * $set / array_sum($sets);
            $this->leg($round, $one, $set, $workS, $share * $missed[$i] * $this->missCostS, $misses * $missed[$i]);
        }
    }

    private function leg(int $round, StationTime $one, int $reps, float $workS, float $lossS, float $misses): void
    {
        $end = $this->at + $workS + $lossS;
        $this->legs[] = new RunLeg(
            $round + 1,
            $one->station->kind,
            $one->station->name,
            $reps,
            $workS,
            $this->at,
            $end,
            $this->pause,
            $misses,
        );
        $this->at = $end;
        $this->pause = 0.0;
    }

    /**
     * @return list<RunLeg>
     */
    private function within(TimedWorkout $timed): array
    {
        $end = WorkoutForm::ManyRounds === $timed->workout->form ? (float) $timed->workout->windowS : \INF;

        return \array_slice(
            array_values(array_filter($this->legs, static fn (RunLeg $leg): bool => $leg->startS < $end)),
            0,
            self::MOST_LEGS,
        );
    }
}
