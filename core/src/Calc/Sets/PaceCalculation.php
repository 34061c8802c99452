<?php

declare(strict_types=1);

namespace Zumbo\Core\Calc\Sets;

use Zumbo\Core\Calc\Calculation;
use Zumbo\Core\Calc\Field\Field;
use Zumbo\Core\Calc\Field\HazardFields;
use Zumbo\Core\Calc\Field\Inputs;
use Zumbo\Core\Calc\Field\PaceFields;
use Zumbo\Core\Numeric\Effort;
use Zumbo\Core\Pacing\LossDistribution;
use Zumbo\Core\Pacing\LossGrid;
use Zumbo\Core\Pacing\RoundPlan;

/**
 * `pace`: how to break the doubles of a workout into sets, how long it takes, and what going unbroken costs.
 */
final class PaceCalculation implements Calculation
{
    public function name(): string
    {
        return 'pace';
    }

    public function summary(): string
    {
        return 'set plan, time and band for doubles in a workout';
    }

    public function fields(): array
    {
        return [
            ...PaceFields::all(),
            Field::number('fatigue_per_round', 0, 5, 'share by which each round raises the chance of a miss')->default(
                0.0,
            ),
            Field::whole('rounds', 1, 50, 'rounds of the same reps')->default(1.0),
        ];
    }

    public function calculate(Inputs $inputs): array
    {
        $hazard = HazardFields::of($inputs, 'hazard');
        $effort = new Effort();
        $rounds = [];
        $total = LossDistribution::none(LossGrid::of($inputs->number('break_cost_s'), $inputs->number('miss_cost_s')));
        for ($round = 0; $round < $inputs->whole('rounds'); ++$round) {
            // Whoever does not tire does the same round again.
            $same = 0.0 === $inputs->number('fatigue_per_round') ? $rounds[0] ?? null : null;
            $plan = $same ?? RoundPlan::of(
                $inputs->whole('reps'),
                $inputs->number('reps_per_s'),
                $hazard->times((1 + $inputs->number('fatigue_per_round')) ** $round),
                $inputs->number('miss_cost_s'),
                $inputs->number('break_cost_s'),
                $effort,
            );
            $rounds[] = $plan;
            $total = $total->then($plan->loss, $effort);
        }
        $sum = static fn (callable $of): float => array_sum(array_map($of, $rounds));
        $work = $sum(static fn (RoundPlan $plan): float => $plan->workS);
        $quantiles = array_map(static fn (float $lost): float => $work + $lost, $total->quantiles([0.1, 0.5, 0.9]));

        return [
            'rounds' => array_map(self::row(...), $rounds),
            'totals' => [
                'expected_s' => $sum(static fn (RoundPlan $plan): float => $plan->expectedS),
                'unbroken_s' => $sum(static fn (RoundPlan $plan): float => $plan->unbrokenS),
                'work_s' => $work,
                'quantiles_s' => array_combine(['p10', 'p50', 'p90'], $quantiles),
                'doubles' => $inputs->whole('reps') * $inputs->whole('rounds'),
            ],
        ];
    }

    /**
     * @return array<string, mixed>
     */
    private static function row(RoundPlan $plan): array
    {
        return [
            'expected_s' => $plan->expectedS,
            'first_set' => $plan->firstSet,
            'unbroken_s' => $plan->unbrokenS,
            'quantiles_s' => $plan->quantilesS,
            'good_sets' => $plan->goodSets,
            'plan' => $plan->plan,
        ];
    }
}
