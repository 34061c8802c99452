<?php

declare(strict_types=1);

namespace Zumbo\Core\Calc\Rope;

use Zumbo\Core\Cable\CableCharacter;
use Zumbo\Core\Cable\CableFamily;
use Zumbo\Core\Cable\CableFeel;
use Zumbo\Core\Calc\Calculation;
use Zumbo\Core\Calc\Field\BadInput;
use Zumbo\Core\Calc\Field\Field;
use Zumbo\Core\Calc\Field\Inputs;
use Zumbo\Core\Measure\LinearDensity;
use Zumbo\Core\Measure\Rate;
use Zumbo\Core\Rope\TurningRope;

/**
 * `cable`: what a cable weighs, how it pulls, what it costs to turn it, and how far the handle tips have to circle.
 */
final class CableCalculation implements Calculation
{
    public function name(): string
    {
        return 'cable';
    }

    public function summary(): string
    {
        return 'pull, drag and wrist circle of a cable';
    }

    public function fields(): array
    {
        return [
            Field::number('linear_density_kg_per_m', 0.0001, 2, 'mass of a metre; or construction'),
            Field::record(
                'construction',
                [
                    Field::choice(
                        'kind',
                        ['solid', 'coated-steel'],
                        'solid cord, or steel strand in a coating',
                    )->required(),
                    Field::length('diameter', 0.0002, 0.05, 'outside')->required(),
                    Field::length('core_diameter', 0.0002, 0.05, 'of the strand'),
                    Field::number('density_kg_per_m3', 100, 12000, 'of the cord, or of the coating'),
                    Field::number('mass_factor', 0.05, 1, 'of the strand: kg per 100 m and mm²'),
                ],
                'how it is made, instead of its mass',
            ),
            Field::length('diameter', 0.0002, 0.05, 'outside; left out: that of the construction'),
            Field::length('cable_length', 0.1, 20.0, 'between the handles')->required(),
            Field::length('hand_span', 0.0, 10.0, 'between the handle tips while turning')->required(),
            Field::number('turns_per_min', 1, 600, 'turns a minute')->required(),
            Field::number('drag_coefficient', 0.01, 5, 'of a cylinder across the wind')->default(
                CableFeel::USUAL_DRAG_COEFFICIENT,
            ),
            Field::number('air_density_kg_per_m3', 0.1, 3, 'of the air')->default(CableFeel::USUAL_AIR_DENSITY),
        ];
    }

    public function calculate(Inputs $inputs): array
    {
        $construction = $inputs->record('construction');
        $density = $inputs->has('linear_density_kg_per_m')
            ? LinearDensity::ofKilogramsPerMetre($inputs->number('linear_density_kg_per_m'))
            : self::density(
                $construction ??
                    throw BadInput::missing('linear_density_kg_per_m', 'the mass of a metre, or construction'),
            );
        $diameter = match (true) {
            $inputs->has('diameter_m') => $inputs->number('diameter_m'),
            null !== $construction => $construction->number('diameter_m'),
            default => throw BadInput::missing('diameter_m', 'the outer diameter'),
        };
        $rope = TurningRope::ofCable($inputs->length('cable_length_m'), $inputs->length('hand_span_m'));
        $feel = CableFeel::of(
            $rope,
            $density,
            $diameter,
            Rate::perMinute($inputs->number('turns_per_min')),
            $inputs->number('drag_coefficient'),
            $inputs->number('air_density_kg_per_m3'),
        );
        $character = CableCharacter::of($density, $diameter, $rope);

        return [
            'linear_density_kg_per_m' => $density->kilogramsPerMetre(),
            'cable_mass_kg' => $feel->cableMassKg,
            'handle_pull_n' => $feel->handlePullN,
            'bottom_pull_n' => $feel->bottomPullN,
            'drag_power_w' => $feel->dragPowerW,
            'drag_integral_m4' => $feel->dragIntegralM4,
            'wrist_circle_m' => $feel->wristCircleM,
            'arc_depth_m' => $rope->depth->metres(),
            'feel' => $character->feel->value,
            'effort' => $character->effort->value,
            'like' => $character->like->value,
        ];
    }

    private static function density(Inputs $made): LinearDensity
    {
        $outside = $made->number('diameter_m');
        $density = $made->has('density_kg_per_m3') ? $made->number('density_kg_per_m3') : null;
        if ('solid' === $made->text('kind')) {
            return CableFamily::solidCord(
                $outside,
                $density ?? throw BadInput::missing('construction.density_kg_per_m3', 'the density of the cord'),
            );
        }
        if (!$made->has('core_diameter_m')) {
            throw BadInput::missing('construction.core_diameter_m', 'the diameter of the strand');
        }
        $core = $made->number('core_diameter_m');
        if ($core > $outside) {
            throw BadInput::of('construction.core_diameter_m', $core, 'at most the outer diameter '.$outside);
        }

        return CableFamily::coatedSteel(
            $core,
            $outside,
            $made->has('mass_factor') ? $made->number('mass_factor') : CableFamily::STRAND_FACTOR,
            $density ?? CableFamily::COATING_DENSITY,
        );
    }
}
