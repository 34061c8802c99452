<?php

declare(strict_types=1);

namespace Zumbo\Core\Calc\Sets;

use Zumbo\Core\Calc\Calculation;
use Zumbo\Core\Calc\Field\BadInput;
use Zumbo\Core\Calc\Field\Field;
use Zumbo\Core\Calc\Field\HazardFields;
use Zumbo\Core\Calc\Field\Inputs;
use Zumbo\Core\Pacing\Desk\Jumper;
use Zumbo\Core\Pacing\Desk\StationTime;
use Zumbo\Core\Pacing\Desk\TimedWorkout;
use Zumbo\Core\Pacing\FriendlySets;
use Zumbo\Core\Pacing\Together\ChanceTogether;
use Zumbo\Core\Pacing\Together\LevelClass;
use Zumbo\Core\Pacing\Together\LevelOption;
use Zumbo\Core\Pacing\Together\LevelOptions;
use Zumbo\Core\Pacing\Workout\StationKind;
use Zumbo\Core\Pacing\Workout\Workout;
use Zumbo\Core\Pacing\Workout\WorkoutError;
use Zumbo\Core\Pacing\Workout\WorkoutForm;
use Zumbo\Core\Pacing\Workout\WorkoutText;
use Zumbo\Core\Pacing\Workout\WorkoutWriting;

/**
 * `workout`: a workout as text, how it goes for each athlete, and what each would do so that all end together.
 */
final class WorkoutCalculation implements Calculation
{
    public function name(): string
    {
        return 'workout';
    }

    public function summary(): string
    {
        return 'a workout as text for a class: times and bands, and who does how many so that all end together';
    }

    public function fields(): array
    {
        return [
            Field::text('text', 2000, 'like "5 rounds: 50 doubles, run 2:00; cap 20:00"')->required(),
            Field::rows('athletes', [
                Field::text('name', 80, 'who it is')->required(),
                HazardFields::hazard('hazard', 'chance of a miss by position')->required(),
                Field::number('reps_per_s', 0.1, 5, 'doubles a second while jumping')->required(),
                Field::number('miss_cost_s', 0, 600, 'seconds a miss costs, the failed rep inside')->required(),
                Field::number('break_cost_s', 0, 600, 'seconds a planned break costs')->required(),
                Field::number('singles_per_s', 0.1, 6, 'singles a second while jumping')->default(Jumper::SINGLES_PER_S),
                Field::number('fatigue_per_round', 0, 5, 'share by which each round raises the chance of a miss')->default(0.0),
            ], 'who does it'),
            Field::number('within_s', 1, 7200, 'all done within so much of each other'),
            Field::number('least_doubles', 0, 10000, 'that each keeps of the whole workout')->default(0.0),
        ];
    }

    public function calculate(Inputs $inputs): array
    {
        try {
            $workout = WorkoutText::read($inputs->text('text'));
        } catch (WorkoutError $e) {
            throw BadInput::of('text', \sprintf('%s (character %d)', $e->given, $e->position), $e->accepted);
        }
        $jumpers = $timed = [];
        foreach ($inputs->rows('athletes') as $row) {
            $jumpers[] = self::jumper($row);
            $timed[$row->text('name')] = TimedWorkout::of($workout, $jumpers[\count($jumpers) - 1]);
        }

        return [
            'parsed' => self::parsed($workout),
            'canonical' => WorkoutWriting::of($workout),
            'athletes' => array_map(self::athlete(...), array_map(strval(...), array_keys($timed)), $timed),
            ...($inputs->has('within_s') && WorkoutForm::ForTime === $workout->form && [] !== $jumpers
                ? self::level($workout, array_combine(array_keys($timed), $jumpers), $inputs)
                : []),
        ];
    }

    private static function jumper(Inputs $row): Jumper
    {
        return new Jumper(
            HazardFields::of($row, 'hazard'),
            $row->number('reps_per_s'),
            $row->number('miss_cost_s'),
            $row->number('break_cost_s'),
            $row->number('fatigue_per_round'),
            null,
            $row->number('singles_per_s'),
        );
    }

    /**
     * @return array<string, mixed>
     */
    private static function parsed(Workout $workout): array
    {
        return [
            'form' => $workout->form->value,
            'rounds' => array_map(static fn (array $stations): array => array_map(static fn ($one): array => [
                'kind' => $one->kind->value,
                'name' => $one->name,
                'reps' => $one->reps,
                'seconds' => $one->seconds,
                'tires' => $one->tires,
            ], $stations), $workout->rounds()),
            'doubles' => $workout->doubles(),
            'window_s' => $workout->windowS,
            'between_s' => $workout->betweenS,
            'cap_s' => $workout->capS,
        ];
    }

    /**
     * @return array<string, mixed>
     */
    private static function athlete(string $name, TimedWorkout $timed): array
    {
        [$low, $high] = $timed->band();
        $cap = $timed->workout->capS;
        $rounds = [];
        foreach ($timed->stations as $one) {
            $row = $rounds[$one->round] ?? ['expected_s' => 0.0, 'sets' => []];
            $row['expected_s'] += $one->expectedS();
            if (StationKind::Doubles === $one->station->kind && null !== $one->plan) {
                $row['sets'][] = self::sets($one);
            }
            $rounds[$one->round] = $row;
        }

        return [
            'name' => $name,
            'expected_s' => $timed->expectedS,
            'p10_s' => $low,
            'p90_s' => $high,
            'fixed_s' => $timed->fixedS,
            'rounds' => array_values($rounds),
            'rounds_that_fit' => null === $timed->fit ? null : [
                'expected' => $timed->fit->expected,
                'p10' => $timed->fit->p10,
                'p90' => $timed->fit->p90,
            ],
            'chance_cap' => null === $cap ? null : $timed->chanceWithin((float) $cap),
            'chance_minutes' => $timed->chanceMinutes,
            'doubles' => $timed->doubles,
            'misses' => $timed->misses,
            'contacts' => $timed->contacts(),
        ];
    }

    /**
     * @return list<int>
     */
    private static function sets(StationTime $one): array
    {
        return null === $one->plan ? [] : FriendlySets::path($one->plan);
    }

    /**
     * @param array<array-key, Jumper> $jumpers
     *
     * @return array<string, mixed>
     */
    private static function level(Workout $workout, array $jumpers, Inputs $inputs): array
    {
        $options = array_map(static fn (Jumper $one): array => LevelOptions::ofDoubles($workout, $one), $jumpers);
        $level = LevelClass::of($options, $inputs->number('within_s'), $inputs->number('least_doubles'));
        $done = array_map(
            static fn (LevelOption $one, Jumper $jumper): TimedWorkout => TimedWorkout::of($workout->cutTo($one->number), $jumper),
            $level->chosen,
            $jumpers,
        );

        return [
            'level' => array_map(static fn (int|string $name, LevelOption $one): array => [
                'name' => (string) $name,
                'doubles' => (int) $one->doubles,
                'each_station' => $one->number,
                'expected_s' => $one->expectedS,
                'change' => $one->change,
            ], array_keys($level->chosen), $level->chosen),
            'outside' => array_map(strval(...), $level->outside),
            'change' => $level->change,
            'spread_s' => $level->spreadS(),
            'chance_together' => [] === $done ? null : ChanceTogether::of($done, $inputs->number('within_s')),
        ];
    }
}
