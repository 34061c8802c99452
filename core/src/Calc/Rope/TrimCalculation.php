<?php

declare(strict_types=1);

namespace Zumbo\Core\Calc\Rope;

use Zumbo\Core\Calc\Answer\VerdictAnswer;
use Zumbo\Core\Calc\Calculation;
use Zumbo\Core\Calc\Field\AttemptFields;
use Zumbo\Core\Calc\Field\BodyFields;
use Zumbo\Core\Calc\Field\Field;
use Zumbo\Core\Calc\Field\Inputs;
use Zumbo\Core\Gear\TrimOutcome;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\Quantity;
use Zumbo\Core\Rope\Handle;
use Zumbo\Core\Rope\RopeSizing;
use Zumbo\Core\Rope\School;
use Zumbo\Core\Rope\Stance;
use Zumbo\Core\Rope\TrimPath;
use Zumbo\Core\Rope\TrimStep;

/**
 * `trim`: from today's cable to the length of a school, in small steps, each with its gate.
 */
final class TrimCalculation implements Calculation
{
    private const USUAL_STEP_M = 0.02;

    public function name(): string
    {
        return 'trim';
    }

    public function summary(): string
    {
        return 'the steps from a long rope to its goal, each with its gate';
    }

    public function fields(): array
    {
        $step = Quantity::StepPerSide->range();

        return [
            BodyFields::stature()->required(),
            BodyFields::landmarks(),
            Field::length('cable_length', 0.3, 10.0, 'cable between the handles today')->required(),
            Field::choice('goal', array_column(School::cases(), 'value'), 'school whose length is the goal')
                ->required()
                ->alias('goal_school', 'school'),
            Field::length(
                'step_per_side',
                $step->least->metres(),
                $step->most->metres(),
                'taken off each side at once',
            )->default(self::USUAL_STEP_M),
            BodyFields::handle()->default(Handle::USUAL_LENGTH_M),
            BodyFields::stance(),
            AttemptFields::sets('before', 'sets with the length before the last trim'),
            AttemptFields::sets('after', 'sets since the last trim'),
        ];
    }

    public function calculate(Inputs $inputs): array
    {
        $sizing = RopeSizing::of(
            BodyFields::bodyOf($inputs),
            Handle::ofLength($inputs->length('handle_length_m')),
            Length::ofMetres(RopeSizing::USUAL_SPARE_M),
        );
        $goal = $sizing->bySchool(
            School::from($inputs->text('goal')),
            $inputs->has('stance') ? Stance::from($inputs->text('stance')) : null,
        );
        $path = TrimPath::of($inputs->length('cable_length_m'), $goal->cable, $inputs->length('step_per_side_m'));

        return [
            'goal_cable_length_m' => $goal->cable->metres(),
            'steps' => array_map(
                static fn (TrimStep $step): array => [
                    'cable_length_m' => $step->cable->metres(),
                    'off_per_side_m' => $step->offPerSide->metres(),
                    'gate' => VerdictAnswer::of([$step->gate])[0]['sentence'] ?? '',
                    'lifts_m' => $step->lifts()->metres(),
                ],
                $path->steps,
            ),
            'advice' => VerdictAnswer::of([$path->advice]),
            ...self::outcome($inputs),
        ];
    }

    /**
     * @return array<string, mixed> whether the last trim helped
     */
    private static function outcome(Inputs $inputs): array
    {
        if (!$inputs->has('before') && !$inputs->has('after')) {
            return [
                'outcome' => null,
                'outcome_reason' => 'needs before and after: sets with the length before the last trim, and since',
            ];
        }
        $outcome = TrimOutcome::of(AttemptFields::sums($inputs, 'before'), AttemptFields::sums($inputs, 'after'));

        return [
            'outcome' => [
                'advice' => $outcome->advice->value,
                'chance_better' => $outcome->chanceBetter,
                'change_per_try' => $outcome->interval,
                ...null === $outcome->interval
                    ? ['change_per_try_reason' => \sprintf('needs %d tries on each length', TrimOutcome::LEAST_TRIES)]
                    : [],
                'tries_that_tell' => $outcome->triesThatTell,
                ...null === $outcome->triesThatTell
                    ? ['tries_that_tell_reason' => 'needs misses before the trim']
                    : [],
                'reason' => VerdictAnswer::of([$outcome->reason])[0]['sentence'] ?? '',
            ],
        ];
    }
}
