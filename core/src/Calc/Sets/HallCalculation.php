<?php

declare(strict_types=1);

namespace Zumbo\Core\Calc\Sets;

use Zumbo\Core\Body\Body;
use Zumbo\Core\Calc\Calculation;
use Zumbo\Core\Calc\Field\BodyFields;
use Zumbo\Core\Calc\Field\Field;
use Zumbo\Core\Calc\Field\Inputs;
use Zumbo\Core\Hall\ClearCircle;
use Zumbo\Core\Hall\HallPlan;
use Zumbo\Core\Hall\Room;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\Quantity;

/**
 * `hall`: where everybody stands with room to jump, who has none, and whether the ceiling is high enough.
 */
final class HallCalculation implements Calculation
{
    public function name(): string
    {
        return 'hall';
    }

    public function summary(): string
    {
        return 'who stands where with room to jump, and the ceiling each needs';
    }

    public function fields(): array
    {
        $cable = Quantity::Cable->range();

        return [
            Field::length('width', Room::LEAST_M, Room::MOST_M, 'of the floor, along the front')->required(),
            Field::length('depth', Room::LEAST_M, Room::MOST_M, 'of the floor, away from the front')->required(),
            Field::length('height', 1.5, 30, 'of the hall'),
            Field::rows(
                'people',
                [
                    BodyFields::stature()->required(),
                    Field::length('cable_length', $cable->least->metres(), $cable->most->metres(), 'their cable')->required(),
                    Field::length('jump', 0, 1, 'how high they jump'),
                ],
                'who is here, in the order in which they stand',
            )->required(),
        ];
    }

    public function calculate(Inputs $inputs): array
    {
        $circles = array_map(
            static fn (Inputs $person): ClearCircle => ClearCircle::of(
                Body::ofStature($person->length('stature_m')),
                $person->length('cable_length_m'),
                $person->has('jump_m') ? $person->length('jump_m') : Length::ofMetres(ClearCircle::USUAL_JUMP_M),
            ),
            $inputs->rows('people'),
        );
        $plan = HallPlan::arranged(Room::of($inputs->number('width_m'), $inputs->number('depth_m')), $circles);
        $height = $inputs->has('height_m') ? $inputs->number('height_m') : null;
        $placed = [];
        foreach ($plan->spots as $i => $spot) {
            $placed[] = ['person' => $i, 'x_m' => $spot->x, 'y_m' => $spot->y, 'radius_m' => $circles[$i]->radiusM];
        }

        return [
            'placed' => $placed,
            'fit' => \count($placed),
            'without_room' => $plan->withoutRoom,
            'ceiling' => array_map(
                static fn (ClearCircle $circle): array => [
                    'needs_m' => $circle->ceilingM,
                    'fits' => null === $height ? null : $circle->ceilingM <= $height,
                    ...null === $height ? ['fits_reason' => 'needs height_m'] : [],
                ],
                $circles,
            ),
        ];
    }
}
