<?php

declare(strict_types=1);

namespace Zumbo\Core\Calc\Rope;

use Zumbo\Core\Calc\Calculation;
use Zumbo\Core\Calc\Field\Field;
use Zumbo\Core\Calc\Field\Inputs;
use Zumbo\Core\Rope\TurningRope;

/**
 * `arc-length`: the cable that gives an arc of a wanted depth.
 */
final class ArcLengthCalculation implements Calculation
{
    public function name(): string
    {
        return 'arc-length';
    }

    public function summary(): string
    {
        return 'the cable that hangs to a wanted depth';
    }

    public function fields(): array
    {
        return [
            Field::length('arc_depth', 0.0, 10.0, 'depth of the arc below the hands')->required(),
            Field::length('hand_span', 0.0, 10.0, 'between the handle tips while turning')->required(),
        ];
    }

    public function calculate(Inputs $inputs): array
    {
        $rope = TurningRope::ofDepth($inputs->length('arc_depth_m'), $inputs->length('hand_span_m'));

        return ['cable_length_m' => $rope->cable->metres()];
    }
}
