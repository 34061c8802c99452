<?php

declare(strict_types=1);

namespace Zumbo\Core\Calc\Sets;

use Zumbo\Core\Calc\Calculation;
use Zumbo\Core\Calc\Field\Field;
use Zumbo\Core\Calc\Field\HazardFields;
use Zumbo\Core\Calc\Field\Inputs;
use Zumbo\Core\Calc\Field\PaceFields;
use Zumbo\Core\Pacing\Desk\Jumper;
use Zumbo\Core\Pacing\Scale\Aim;
use Zumbo\Core\Pacing\Scale\ScaleAdvice;
use Zumbo\Core\Pacing\Scale\ScaledWay;
use Zumbo\Core\Pacing\Scale\ScaleWish;
use Zumbo\Core\Pacing\Workout\Station;
use Zumbo\Core\Pacing\Workout\Workout;
use Zumbo\Core\Pacing\Workout\WorkoutBlock;
use Zumbo\Core\Pacing\Workout\WorkoutForm;
use Zumbo\Core\Stage\Stage;
use Zumbo\Core\Streak\Hazard;

/**
 * `scale`: ways to scale the doubles of a workout, side by side: time, doubles practised, contacts.
 */
final class ScaleCalculation implements Calculation
{
    public function name(): string
    {
        return 'scale';
    }

    public function summary(): string
    {
        return 'ways to scale the doubles of a workout, side by side';
    }

    public function fields(): array
    {
        return [
            ...PaceFields::all(),
            Field::number('singles_per_s', 0.1, 6, 'singles a second while jumping')->default(2.2),
            HazardFields::hazard(
                'singles_hazard',
                'chance of a miss of a single; left out: '.Hazard::USUAL_SINGLES_MISS,
            ),
            Field::whole('first', 1, 1000, 'doubles before the singles; left out: half'),
            Field::number('ratio', 1, 10, 'singles for one double')->default(2.0),
            Field::number('fraction', 0.05, 1, 'share of the doubles that is kept when they are cut')->default(0.5),
            Field::choice('aim', array_column(Aim::cases(), 'value'), 'what matters today')->default(
                Aim::KeepMoving->value,
            ),
        ];
    }

    public function calculate(Inputs $inputs): array
    {
        $reps = $inputs->whole('reps');
        $jumper = new Jumper(
            HazardFields::of($inputs, 'hazard'),
            $inputs->number('reps_per_s'),
            $inputs->number('miss_cost_s'),
            $inputs->number('break_cost_s'),
            0.0,
            null,
            $inputs->number('singles_per_s'),
            $inputs->has('singles_hazard') ? HazardFields::of($inputs, 'singles_hazard') : null,
        );
        $wish = new ScaleWish(
            $inputs->has('first') ? min($reps, $inputs->whole('first')) : null,
            max(1, (int) round($reps * $inputs->number('fraction'))),
            $inputs->number('ratio'),
        );
        $workout = new Workout(WorkoutForm::ForTime, [new WorkoutBlock([Station::doubles($reps)], 1, null, [])]);
        $ways = ScaledWay::all($workout, $wish, $jumper);

        return [
            'options' => array_map(
                static fn (ScaledWay $way): array => [
                    'name' => $way->scaling->value,
                    'expected_s' => $way->timed->expectedS,
                    'doubles' => (int) round($way->timed->doubles),
                    'singles' => $way->timed->singles,
                    'contacts' => $way->timed->contacts(),
                    'misses' => $way->timed->misses,
                    'chance_unbroken' => $way->chanceUnbroken(),
                    'p10_s' => $way->timed->band()[0],
                    'p90_s' => $way->timed->band()[1],
                ],
                $ways,
            ),
            'recommended' => ScaleAdvice::of($ways, Aim::from($inputs->text('aim')), Stage::Workout)->scaling?->value,
        ];
    }
}
