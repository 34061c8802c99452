<?php

declare(strict_types=1);

namespace Zumbo\Core\Calc\Sets;

use Zumbo\Core\Calc\Calculation;
use Zumbo\Core\Calc\Field\BadInput;
use Zumbo\Core\Calc\Field\Field;
use Zumbo\Core\Calc\Field\Inputs;
use Zumbo\Core\Measure\Rate;
use Zumbo\Core\Sets\Interval\ClockPhase;
use Zumbo\Core\Sets\Interval\IntervalError;
use Zumbo\Core\Sets\Interval\IntervalProgramme;
use Zumbo\Core\Sets\Interval\IntervalSet;
use Zumbo\Core\Sets\Interval\PhaseKind;
use Zumbo\Core\Sets\Interval\StationWork;
use Zumbo\Core\Stage\Stage;

/**
 * `interval`: work and rest by the clock, or a circuit: its phases and totals.
 */
final class IntervalCalculation implements Calculation
{
    public function name(): string
    {
        return 'interval';
    }

    public function summary(): string
    {
        return 'an interval set or a circuit: phases, times, contacts';
    }

    public function fields(): array
    {
        return [
            Field::text('text', 600, 'like "20/10 x8", "20/10 x2: hops, tall singles" or "(20/10 x4; rest 60) x2"; or the fields'),
            Field::choice('last_rest', ['dropped', 'kept'], 'the rest after the last work')->default('dropped'),
            Field::whole('work_s', 1, IntervalSet::LONGEST_S, 'work'),
            Field::whole('rest_s', 0, IntervalSet::LONGEST_S, 'rest after it'),
            Field::whole('rounds', 1, IntervalSet::MOST_ROUNDS, 'times, or times through all stations'),
            Field::rows(
                'stations',
                [Field::text('name', IntervalSet::LONGEST_NAME, 'what is done there')->required()],
                'stations of a circuit',
            ),
            Field::choice('stage', array_column(Stage::cases(), 'value'), 'whose doubles are counted')->default(Stage::Link->value),
            Field::number('cadence_per_min', 20, 400, 'jumps a minute while working')->default(110.0),
        ];
    }

    public function calculate(Inputs $inputs): array
    {
        $set = self::set($inputs);
        $cadence = Rate::perMinute($inputs->number('cadence_per_min'));
        $stage = Stage::from($inputs->text('stage'));

        return [
            'text' => $set->text(),
            'rounds' => $set->block()->rounds ?? null,
            ...null === $set->block() ? ['rounds_reason' => 'several parts'] : [],
            'stations' => $set->block()->stations ?? [],
            'works' => $set->works(),
            'work_s' => $set->totalWorkS(),
            'rest_s' => $set->totalRestS(),
            'total_s' => $set->totalS(),
            'total_with_last_rest_s' => $set->totalWithLastRestS(),
            'total_without_last_rest_s' => $set->totalWithoutLastRestS(),
            'jumps' => $set->jumps($cadence),
            'contacts' => $set->contacts($cadence, $stage),
            'phases' => array_map(
                static fn (ClockPhase $phase): array => [
                    'kind' => $phase->kind->value,
                    'seconds' => $phase->seconds,
                    'round' => $phase->round,
                    'station' => $phase->station,
                    'contacts' => PhaseKind::Work === $phase->kind
                        ? StationWork::at($phase->station, $stage, $cadence)->contacts($phase->seconds)
                        : 0.0,
                ],
                $set->phases,
            ),
        ];
    }

    private static function set(Inputs $inputs): IntervalProgramme
    {
        $keep = 'kept' === $inputs->text('last_rest');
        if ($inputs->has('text')) {
            try {
                return IntervalProgramme::parse($inputs->text('text'), $keep);
            } catch (IntervalError $e) {
                throw BadInput::because('text', $inputs->text('text'), $e->getMessage(), $e->accepted);
            }
        }
        foreach (
            [
                'work_s' => 'seconds of work, or text',
                'rest_s' => 'seconds of rest, or text',
                'rounds' => 'how many rounds, or text',
            ] as $field => $accepted
        ) {
            if (!$inputs->has($field)) {
                throw BadInput::missing($field, $accepted);
            }
        }
        $stations = array_map(static fn (Inputs $row): string => $row->text('name'), $inputs->rows('stations'));
        try {
            return IntervalProgramme::of(
                IntervalSet::of($inputs->whole('work_s'), $inputs->whole('rest_s'), $inputs->whole('rounds'), $stations),
                $keep,
            );
        } catch (IntervalError $e) {
            throw BadInput::because('stations', $e->accepted, $e->getMessage(), $e->accepted);
        }
    }
}
