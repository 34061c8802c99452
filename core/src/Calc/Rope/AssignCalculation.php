<?php

declare(strict_types=1);

namespace Zumbo\Core\Calc\Rope;

use Zumbo\Core\Cable\CableFamily;
use Zumbo\Core\Calc\Calculation;
use Zumbo\Core\Calc\Field\BadInput;
use Zumbo\Core\Calc\Field\Field;
use Zumbo\Core\Calc\Field\Inputs;
use Zumbo\Core\Gear\Assignment;
use Zumbo\Core\Gear\RopeMatch;
use Zumbo\Core\Stage\Stage;

/**
 * `assign`: a rope for as many as possible, then at the least cost; from a table of costs, or from athletes and ropes.
 */
final class AssignCalculation implements Calculation
{
    private const MOST = 500;

    public function name(): string
    {
        return 'assign';
    }

    public function summary(): string
    {
        return 'who gets which rope: as many as possible, then at the least cost';
    }

    public function fields(): array
    {
        return [
            Field::table('cost', -1e9, 1e9, 'by athlete and rope; null: not allowed'),
            Field::rows(
                'athletes',
                [
                    Field::text('name', 80, 'who')->required(),
                    Field::length('ideal', 0.5, 6, 'the cable they should have')->required(),
                    Field::choice(
                        'stage',
                        array_column(Stage::cases(), 'value'),
                        'decides which cables are allowed',
                    )->default(Stage::Singles->value),
                    Field::text('last_rope', 40, 'tag of the rope they had last time'),
                ],
                'who is here',
            ),
            Field::rows(
                'ropes',
                [
                    Field::text('tag', 40, 'which')->required(),
                    Field::length('cable_length', 0.5, 6, 'between the handles')->required(),
                    Field::choice(
                        'family',
                        array_column(CableFamily::cases(), 'value'),
                        'family of the cable; left out: fit for everybody',
                    ),
                ],
                'what hangs on the rack',
            ),
        ];
    }

    public function calculate(Inputs $inputs): array
    {
        $athletes = $inputs->rows('athletes');
        $ropes = $inputs->rows('ropes');
        $given = $inputs->has('cost');
        if ($given === ([] !== $athletes || [] !== $ropes)) {
            throw BadInput::missing('cost', 'a table of costs, or athletes and ropes; one of both');
        }
        $cost = $given ? $inputs->table('cost') : self::costs($athletes, $ropes);
        $columns = [] === $cost ? 0 : \count($cost[0]);
        if (max(\count($cost), $columns) > self::MOST) {
            throw BadInput::of('cost', \count($cost).' × '.$columns, 'at most '.self::MOST.' of each');
        }
        $found = Assignment::of($cost);
        $pairs = $unserved = [];
        foreach ($found->columnOf as $row => $column) {
            if (null !== $column) {
                $pairs[] = [
                    'athlete' => self::called($athletes, $row, 'name'),
                    'rope' => self::called($ropes, $column, 'tag'),
                    'cost' => $cost[$row][$column],
                ];
            } else {
                $allowed = array_filter($cost[$row], is_float(...));
                $unserved[] = [
                    'athlete' => self::called($athletes, $row, 'name'),
                    'reason' => [] === $allowed ? 'no rope is allowed' : 'every rope that is allowed serves somebody else',
                ];
            }
        }

        return ['served' => $found->served, 'total_cost' => $found->cost, 'pairs' => $pairs, 'unserved' => $unserved];
    }

    /**
     * @param list<Inputs> $rows
     *
     * @return string|int the name, or the place in a table without names
     */
    private static function called(array $rows, int $at, string $field): string|int
    {
        return isset($rows[$at]) ? $rows[$at]->text($field) : $at;
    }

    /**
     * @param list<Inputs> $athletes
     * @param list<Inputs> $ropes
     *
     * @return list<list<float|null>> by athlete and rope
     */
    private static function costs(array $athletes, array $ropes): array
    {
        return array_map(
            static fn (Inputs $athlete): array => array_map(
                static fn (Inputs $rope): ?float => self::cost($athlete, $rope),
                $ropes,
            ),
            $athletes,
        );
    }

    private static function cost(Inputs $athlete, Inputs $rope): ?float
    {
        return RopeMatch::cost(
            $athlete->number('ideal_m'),
            Stage::from($athlete->text('stage')),
            $rope->number('cable_length_m'),
            $rope->has('family') ? CableFamily::from($rope->text('family')) : null,
            $athlete->has('last_rope') && $athlete->text('last_rope') === $rope->text('tag'),
        );
    }
}
