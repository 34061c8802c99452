<?php

declare(strict_types=1);

namespace Zumbo\Core\Calc\Beat;

use Zumbo\Core\Cable\CableFeel;
use Zumbo\Core\Calc\Calculation;
use Zumbo\Core\Calc\Field\BadInput;
use Zumbo\Core\Calc\Field\Field;
use Zumbo\Core\Calc\Field\Inputs;
use Zumbo\Core\Jump\Flight;
use Zumbo\Core\Jump\JumpGeometry;
use Zumbo\Core\Jump\RopeJump;
use Zumbo\Core\Measure\LinearDensity;
use Zumbo\Core\Measure\Rate;
use Zumbo\Core\Rope\TurningRope;

/**
 * `jump`: how high or how fast for one, two or three passes, how late the spin may come, and what it costs.
 */
final class JumpCalculation implements Calculation
{
    public function name(): string
    {
        return 'jump';
    }

    public function summary(): string
    {
        return 'jump height against turning rate, the late-spin budget, and the power';
    }

    public function fields(): array
    {
        return [
            Field::whole('passes', 1, RopeJump::MOST_PASSES, 'of the rope in one flight')->required(),
            Field::length('jump', 0.001, 1.5, 'rise of the body'),
            Field::number('turns_per_min', 1, 900, 'turns a minute while the rope passes'),
            Field::number('contact_s', 0.05, 1, 'on the floor between two flights')->default(RopeJump::USUAL_CONTACT_S),
            Field::length('foot_length', 0.05, 0.5, 'of the shoe')->required(),
            Field::length('arc_depth', 0.2, 3, 'of the rope below the hands')->required(),
            Field::length('cable_diameter', 0.0002, 0.05, 'outside')->required(),
            Field::length('lift', 0, 0.5, 'of the lowest point above the floor')->default(0.0),
            Field::length('margin', 0, 0.2, 'room between cable and shoe')->default(JumpGeometry::USUAL_MARGIN_M),
            Field::number('hands_rise', 0, 0.9, 'share of the jump by which the hands rise with the body')->default(
                0.0,
            ),
            Field::number('mass_kg', 15, 250, 'of the athlete; then the power is given too'),
            Field::length('cable_length', 0.3, 10, 'between the handles; with the span gives the drag'),
            Field::length('hand_span', 0, 5, 'between the handle tips'),
        ];
    }

    public function calculate(Inputs $inputs): array
    {
        if (!$inputs->has('jump_m') && !$inputs->has('turns_per_min')) {
            throw BadInput::missing('jump_m', 'a rise like 12 cm, or turns_per_min, or both');
        }
        $geometry = JumpGeometry::of(
            $inputs->number('foot_length_m'),
            $inputs->number('arc_depth_m'),
            $inputs->number('cable_diameter_m'),
            $inputs->number('lift_m'),
            $inputs->number('margin_m'),
            $inputs->number('hands_rise'),
        );
        $passes = $inputs->whole('passes');
        $contact = $inputs->number('contact_s');
        $jump = $inputs->has('jump_m')
            ? RopeJump::of($passes, Flight::ofHeight($inputs->number('jump_m')), $geometry, $contact)
            : null;

        return [
            'clearance_m' => $geometry->clearanceM,
            'least_even_jump_m' => RopeJump::leastEvenHeight($passes, $geometry, $contact),
            ...self::withJump($jump),
            ...self::withRate($inputs, $passes, $geometry, $jump),
            ...self::power($inputs, $jump),
        ];
    }

    /**
     * @return array<string, float|string|null>
     */
    private static function withJump(?RopeJump $jump): array
    {
        $names = ['flight_s', 'clear_s', 'least_turns_per_min', 'cadence_per_min', 'even_turns_per_min'];
        if (null === $jump) {
            return array_fill_keys($names, null) + ['flight_reason' => 'needs jump_m'];
        }
        $least = $jump->leastTurnsPerMinute();

        return [
            'flight_s' => $jump->flight->seconds,
            'clear_s' => $jump->clearS,
            'least_turns_per_min' => $least,
            ...null === $least ? ['least_turns_reason' => 'the feet are never high enough for the rope'] : [],
            'cadence_per_min' => $jump->cadence(),
            'even_turns_per_min' => $jump->evenTurnsPerMinute(),
        ];
    }

    /**
     * @return array<string, float|string|null>
     */
    private static function withRate(Inputs $inputs, int $passes, JumpGeometry $geometry, ?RopeJump $jump): array
    {
        if (!$inputs->has('turns_per_min')) {
            return [
                'least_jump_m' => null,
                'least_jump_reason' => 'needs turns_per_min',
                'earliest_pass_s' => null,
                'latest_pass_s' => null,
                'late_budget_s' => null,
                'late_budget_reason' => 'needs jump_m and turns_per_min',
            ];
        }
        $rate = $inputs->number('turns_per_min');
        [$earliest, $latest, $budget] = $jump?->firstPass($rate) ?? [null, null, null];

        return [
            'least_jump_m' => RopeJump::leastHeight($passes, $geometry, $rate),
            'earliest_pass_s' => $earliest,
            'latest_pass_s' => $latest,
            'late_budget_s' => $budget,
            ...null === $jump ? ['late_budget_reason' => 'needs jump_m'] : [],
        ];
    }

    /**
     * @return array<string, float|string|null>
     */
    private static function power(Inputs $inputs, ?RopeJump $jump): array
    {
        $mass = $inputs->has('mass_kg') ? $inputs->number('mass_kg') : null;
        $drag = null;
        if (null !== $jump && $inputs->has('cable_length_m') && $inputs->has('hand_span_m')) {
            $rope = TurningRope::ofCable($inputs->length('cable_length_m'), $inputs->length('hand_span_m'));
            // Drag does not ask what the cable weighs.
            $drag = CableFeel::of(
                $rope,
                LinearDensity::ofKilogramsPerMetre(1.0),
                $inputs->number('cable_diameter_m'),
                Rate::perMinute($jump->evenTurnsPerMinute()),
            )->dragPowerW;
        }

        return [
            'jump_power_w' => null === $jump || null === $mass ? null : $jump->jumpPowerW($mass),
            ...null === $jump || null === $mass ? ['jump_power_reason' => 'needs jump_m and mass_kg'] : [],
            'drag_power_w' => $drag,
            ...null === $drag ? ['drag_power_reason' => 'needs jump_m, cable_length_m and hand_span_m'] : [],
        ];
    }
}
