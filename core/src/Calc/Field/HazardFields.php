<?php

declare(strict_types=1);

namespace Zumbo\Core\Calc\Field;

use Zumbo\Core\Streak\Hazard;

/**
 * The field by which computations take the chance of a miss.
 */
final class HazardFields
{
    public static function hazard(string $name, string $meaning): Field
    {
        return Field::record(
            $name,
            [
                Field::choice(
                    'kind',
                    ['weibull', 'constant', 'list'],
                    'how it goes with the position in a set',
                )->required(),
                Field::number('scale', 1e-3, 1e6, 'weibull: reps after which 63 % of the sets have ended'),
                Field::number('shape', 0.05, 20, 'weibull: above 1 misses come with tiredness'),
                Field::numbers('q', 0, 0.999999, 'constant: one number; list: q1, q2, … of which the last one goes on'),
            ],
            $meaning,
        );
    }

    /** @throws BadInput when what its kind needs is missing */
    public static function of(Inputs $inputs, string $name): Hazard
    {
        $record = $inputs->record($name) ?? throw BadInput::missing($name, 'like {"kind": "constant", "q": 0.03}');
        $q = array_values($record->numbers('q'));
        if ('weibull' === $record->text('kind')) {
            foreach (['scale', 'shape'] as $part) {
                if (!$record->has($part)) {
                    throw BadInput::missing($name.'.'.$part, 'a number above 0');
                }
            }

            return Hazard::weibull($record->number('scale'), $record->number('shape'));
        }
        if ([] === $q || ('constant' === $record->text('kind') && 1 !== \count($q))) {
            throw BadInput::of(
                $name.'.q',
                \count($q).' numbers',
                'list' === $record->text('kind') ? 'at least one number' : 'one number',
            );
        }

        return Hazard::listed($q);
    }
}
