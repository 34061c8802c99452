<?php

declare(strict_types=1);

namespace Zumbo\Core\Calc\Sets;

use Zumbo\Core\Calc\Calculation;
use Zumbo\Core\Calc\Field\Field;
use Zumbo\Core\Calc\Field\HazardFields;
use Zumbo\Core\Calc\Field\Inputs;
use Zumbo\Core\Calc\Field\PaceFields;
use Zumbo\Core\Pacing\Aim;
use Zumbo\Core\Pacing\RepTiming;
use Zumbo\Core\Pacing\ScaledWork;
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
        $miss = $inputs->number('miss_cost_s');
        $break = $inputs->number('break_cost_s');
        $easy = $inputs->has('singles_hazard') ? HazardFields::of($inputs, 'singles_hazard') : Hazard::usualSingles();
        $ways = ScaledWork::all(
            $reps,
            $inputs->has('first') ? $inputs->whole('first') : (int) ceil($reps / 2),
            $inputs->number('ratio'),
            $inputs->number('fraction'),
            new RepTiming($inputs->number('reps_per_s'), HazardFields::of($inputs, 'hazard'), $miss, $break),
            new RepTiming($inputs->number('singles_per_s'), $easy, $miss, $break),
        );

        return [
            'options' => array_map(
                static fn (ScaledWork $way): array => [
                    'name' => $way->scaling->value,
                    'expected_s' => $way->expectedS,
                    'doubles' => $way->doubles,
                    'singles' => $way->singles,
                    'contacts' => $way->contacts(),
                    'misses' => $way->misses,
                    'chance_unbroken' => $way->chanceUnbroken,
                    'p10_s' => $way->band()[0],
                    'p90_s' => $way->band()[1],
                ],
                $ways,
            ),
            'recommended' => ScaledWork::recommended($ways, Aim::from($inputs->text('aim')))->value,
        ];
    }
}
