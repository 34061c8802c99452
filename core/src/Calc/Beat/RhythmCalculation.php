<?php

declare(strict_types=1);

namespace Zumbo\Core\Calc\Beat;

use Zumbo\Core\Calc\Answer\RhythmFields;
use Zumbo\Core\Calc\Calculation;
use Zumbo\Core\Calc\Field\Field;
use Zumbo\Core\Calc\Field\Inputs;
use Zumbo\Core\Rhythm\RhythmReport;
use Zumbo\Core\Rhythm\Take;

/**
 * `rhythm`: counts a take of turns and landings, and says how even it is.
 */
final class RhythmCalculation implements Calculation
{
    private const LATEST_S = 86_400;

    public function name(): string
    {
        return 'rhythm';
    }

    public function summary(): string
    {
        return 'jumps, turns, cadence, evenness, misses and streaks of a take';
    }

    public function fields(): array
    {
        return [
            Field::numbers('turns_s', 0, self::LATEST_S, 'when the rope met the floor, ascending'),
            Field::numbers('landings_s', 0, self::LATEST_S, 'when the feet did, ascending'),
            RhythmFields::targetField(),
        ];
    }

    public function calculate(Inputs $inputs): array
    {
        $take = Take::of(array_values($inputs->numbers('turns_s')), array_values($inputs->numbers('landings_s')));

        return RhythmFields::of($take, RhythmReport::of($take, RhythmFields::target($inputs)), $inputs->has('target'));
    }
}
