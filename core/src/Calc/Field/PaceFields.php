<?php

declare(strict_types=1);

namespace Zumbo\Core\Calc\Field;

/**
 * The fields that `pace` and `scale` share.
 */
final class PaceFields
{
    /**
     * @return list<Field>
     */
    public static function all(): array
    {
        return [
            Field::whole('reps', 1, 1000, 'doubles of a round')->required(),
            Field::number('reps_per_s', 0.1, 5, 'doubles a second while jumping')->required(),
            HazardFields::hazard('hazard', 'chance of a miss by position')->required(),
            Field::number('miss_cost_s', 0, 600, 'seconds a miss costs, the failed rep inside')->required(),
            Field::number('break_cost_s', 0, 600, 'seconds a planned break costs')->required(),
        ];
    }
}
