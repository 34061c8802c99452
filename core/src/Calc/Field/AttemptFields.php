<?php

declare(strict_types=1);

namespace Zumbo\Core\Calc\Field;

use Zumbo\Core\Streak\AttemptEnd;
use Zumbo\Core\Streak\CountedReps;

/**
 * The fields by which computations take log entries.
 */
final class AttemptFields
{
    private const MOST = 100_000;

    public static function attempts(): Field
    {
        return Field::rows(
            'attempts',
            [
                Field::whole('reps', 0, self::MOST, 'reps done')->required(),
                Field::choice('end', array_column(AttemptEnd::cases(), 'value'), 'how it ended')->required(),
                self::age(),
            ],
            'single goes',
        );
    }

    public static function sets(string $name = 'sets', string $meaning = 'sets of which only the sums are known'): Field
    {
        return Field::rows(
            $name,
            [
                Field::whole('reps', 0, self::MOST, 'reps of the whole set')->required(),
                Field::whole('misses', 0, self::MOST, 'misses in it')->required(),
                self::age(),
            ],
            $meaning,
        );
    }

    /**
     * @return list<CountedReps>
     */
    public static function counted(Inputs $inputs): array
    {
        return [
            ...array_map(
                static fn (Inputs $row): CountedReps => CountedReps::attempt(
                    $row->whole('reps'),
                    AttemptEnd::from($row->text('end')),
                    $row->number('days_ago'),
                ),
                $inputs->rows('attempts'),
            ),
            ...self::sums($inputs, 'sets'),
        ];
    }

    /**
     * @return list<CountedReps> of a field made by sets()
     */
    public static function sums(Inputs $inputs, string $name): array
    {
        return array_map(
            static fn (Inputs $row): CountedReps => CountedReps::sum(
                $row->whole('reps'),
                $row->whole('misses'),
                $row->number('days_ago'),
            ),
            $inputs->rows($name),
        );
    }

    public static function age(): Field
    {
        return Field::number('days_ago', 0, 36_500, 'age of the entry; older ones count less')->default(0.0);
    }
}
