<?php

declare(strict_types=1);

namespace Zumbo\Core\Calc\Sets;

use Zumbo\Core\Calc\Field\Field;
use Zumbo\Core\Calc\Field\HazardFields;
use Zumbo\Core\Calc\Field\Inputs;
use Zumbo\Core\Sets\Ladder\Ladder;
use Zumbo\Core\Sets\Ladder\LadderFamily;
use Zumbo\Core\Sets\Ladder\LadderPace;
use Zumbo\Core\Sets\Ladder\MissRule;
use Zumbo\Core\Streak\Hazard;

/**
 * The fields by which computations take what is climbed and how.
 */
final class LadderFields
{
    /**
     * @return list<Field>
     */
    public static function shape(): array
    {
        return [
            Field::choice('family', array_column(LadderFamily::cases(), 'value'), 'shape of the ladder')->required(),
            Field::choice('kind', ['s', 'd'], 'what rises: singles or doubles')->default('d'),
            Field::whole('fixed_singles', 1, 100, 'singles before the doubles of each rung')->default(1.0),
            Field::whole('exit_singles', 0, Ladder::MOST_EXIT, 'calm singles that end each rung')->default(0.0),
            Field::choice('miss_rule', array_column(MissRule::cases(), 'value'), 'what a miss means')->default(MissRule::Repeat->value),
        ];
    }

    /**
     * @return list<Field>
     */
    public static function pace(): array
    {
        return [
            HazardFields::hazard('hazard_singles', 'chance of a miss of a single; left out: none'),
            HazardFields::hazard('hazard_doubles', 'chance of a miss of a double; left out: none'),
            Field::number('seconds_per_single', 0.1, 5, 'one single')->default(0.5),
            Field::number('seconds_per_double', 0.1, 5, 'one double')->default(0.6),
            Field::number('break_s', 0, 600, 'between rungs')->default(5.0),
            Field::number('miss_s', 0, 600, 'lost to a miss')->default(8.0),
        ];
    }

    public static function paceOf(Inputs $inputs): LadderPace
    {
        $hazard = static fn (string $name): Hazard => $inputs->has($name)
            ? HazardFields::of($inputs, $name)
            : Hazard::constant(0.0);

        return new LadderPace(
            $hazard('hazard_singles'),
            $hazard('hazard_doubles'),
            $inputs->number('seconds_per_single'),
            $inputs->number('seconds_per_double'),
            $inputs->number('break_s'),
            $inputs->number('miss_s'),
        );
    }
}
