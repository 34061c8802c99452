<?php

declare(strict_types=1);

namespace Zumbo\Core\Calc\Plan;

use Zumbo\Core\Calc\Calculation;
use Zumbo\Core\Calc\Field\Field;
use Zumbo\Core\Calc\Field\Inputs;
use Zumbo\Core\Plan\Routine\Move;
use Zumbo\Core\Plan\Routine\Moves;
use Zumbo\Core\Plan\Routine\Routine;
use Zumbo\Core\Plan\Routine\RoutineMove;

/**
 * `routine`: a freestyle routine of moves that somebody has.
 */
final class RoutineCalculation implements Calculation
{
    public function name(): string
    {
        return 'routine';
    }

    public function summary(): string
    {
        return 'a freestyle routine: which move for how many beats';
    }

    public function fields(): array
    {
        return [
            Field::whole('seconds', Routine::LEAST_S, Routine::MOST_S, 'how long it is')->default((float) Routine::USUAL_S),
            Field::whole('beats_per_min', Routine::LEAST_BEAT, Routine::MOST_BEAT, 'of the rope, or of the song')->required(),
            Field::choices('moves', self::codes(), 'moves that are mastered')->required(),
        ];
    }

    /**
     * @return list<string>
     */
    private static function codes(): array
    {
        return array_map(static fn (Move $move): string => $move->code, Moves::all());
    }

    public function calculate(Inputs $inputs): array
    {
        $routine = Routine::of($inputs->whole('seconds'), $inputs->whole('beats_per_min'), Moves::named($inputs->texts('moves')));

        return [
            'moves' => array_map(
                static fn (RoutineMove $move): array => ['name' => $move->code, 'title' => $move->title, 'beats' => $move->beats],
                $routine->moves,
            ),
            'total_s' => $routine->seconds(),
        ];
    }
}
