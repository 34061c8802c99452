<?php

declare(strict_types=1);

namespace Zumbo\Core\Calc\Rope;

use Zumbo\Core\Calc\Calculation;
use Zumbo\Core\Calc\Field\Field;
use Zumbo\Core\Calc\Field\Inputs;
use Zumbo\Core\Gear\CutList;
use Zumbo\Core\Gear\CutPattern;

/**
 * `cut`: cables from coils or from cables of one length, with the fewest of them.
 */
final class CutCalculation implements Calculation
{
    public function name(): string
    {
        return 'cut';
    }

    public function summary(): string
    {
        return 'cables cut from the fewest coils';
    }

    public function fields(): array
    {
        return [
            Field::rows(
                'pieces',
                [
                    Field::length('length', 0.1, 20, 'cable between the handles')->required(),
                    Field::whole('count', 0, CutList::MOST_PIECES, 'how many')->default(1.0),
                ],
                'what is wanted',
            )->required(),
            Field::length('stock_length', 0.1, 1000, 'of one coil or cable')->required(),
            Field::length('allowance', 0, 1, 'more for each piece: spare and what sits in the handles')->default(0.0),
            Field::length('kerf', 0, 0.1, 'lost to a cut')->default(0.0),
        ];
    }

    public function calculate(Inputs $inputs): array
    {
        $pieces = array_map(
            static fn (Inputs $row): array => [$row->number('length_m'), $row->whole('count')],
            $inputs->rows('pieces'),
        );
        $list = CutList::of(
            $pieces,
            $inputs->number('stock_length_m'),
            $inputs->number('allowance_m'),
            $inputs->number('kerf_m'),
        );

        return [
            'stock_used' => $list->stockUsed,
            'lower_bound' => $list->lowerBound,
            'proven' => $list->proven,
            'patterns' => array_map(
                static fn (CutPattern $pattern): array => [
                    'times' => $pattern->times,
                    'counts' => $pattern->counts,
                    'pieces' => array_values(
                        array_filter(
                            array_map(
                                static fn (int $count, array $piece): array => [
                                    'length_m' => $piece[0],
                                    'count' => $count,
                                ],
                                $pattern->counts,
                                $pieces,
                            ),
                            static fn (array $one): bool => $one['count'] > 0,
                        ),
                    ),
                ],
                $list->patterns,
            ),
            'waste_m' => $list->wasteM,
        ];
    }
}
