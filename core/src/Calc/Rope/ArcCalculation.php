<?php

declare(strict_types=1);

namespace Zumbo\Core\Calc\Rope;

use Zumbo\Core\Body\Body;
use Zumbo\Core\Body\Figure;
use Zumbo\Core\Calc\Calculation;
use Zumbo\Core\Calc\Field\BodyFields;
use Zumbo\Core\Calc\Field\Field;
use Zumbo\Core\Calc\Field\Inputs;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Rope\Clearance;
use Zumbo\Core\Rope\FloorContact;
use Zumbo\Core\Rope\Hands;
use Zumbo\Core\Rope\HeldRope;
use Zumbo\Core\Rope\SideView;
use Zumbo\Core\Rope\TurningRope;
use Zumbo\Core\Rope\WidthPenalty;

/**
 * `arc`: how deep a turning rope hangs, what clears floor, head and ceiling, and what wide hands cost.
 */
final class ArcCalculation implements Calculation
{
    public function name(): string
    {
        return 'arc';
    }

    public function summary(): string
    {
        return 'the arc of a turning rope, its clearances, and what wide hands cost';
    }

    public function fields(): array
    {
        return [
            Field::length('cable_length', 0.1, 20.0, 'cable between the handles')->required(),
            Field::length('hand_span', 0.0, 10.0, 'between the handle tips while turning')->required(),
            Field::length('hand_height', 0.1, 3.0, 'handle tips above the floor'),
            Field::length('other_hand_height', 0.1, 3.0, 'the right hand, when it is not as high as the left'),
            BodyFields::stature(),
            Field::length('jump', 0.0, 1.5, 'rise of the jump')->default(0.0),
            Field::length('margin', 0.0, 1.0, 'room left under the ceiling')->default(
                Clearance::USUAL_CEILING_MARGIN_M,
            ),
            Field::number('points', 0, 1001, 'points of the shape wanted, evenly spread')->default(0.0),
            Field::numbers('x_m', -5, 5, 'distances from the middle at which the shape is wanted'),
        ];
    }

    public function calculate(Inputs $inputs): array
    {
        $rope = TurningRope::ofCable($inputs->length('cable_length_m'), $inputs->length('hand_span_m'));

        return [
            'arc_depth_m' => $rope->depth->metres(),
            'modulus' => $rope->modulus(),
            ...self::clearances($rope, $inputs),
            'width_penalty_m' => array_map(
                static fn (WidthPenalty $penalty): array => [
                    'each_hand_m' => $penalty->eachHand->metres(),
                    'rise_m' => $penalty->rise?->metres(),
                    ...null === $penalty->rise
                        ? ['rise_reason' => 'the hands would be further apart than the cable is long']
                        : [],
                ],
                WidthPenalty::shown($rope),
            ),
            'shape' => self::shape($rope, $inputs),
        ];
    }

    /**
     * @return array<string, float|string|null>
     */
    private static function clearances(TurningRope $rope, Inputs $inputs): array
    {
        if (!$inputs->has('hand_height_m')) {
            $reason = 'needs hand_height_m';

            return [
                'floor_clearance_m' => null,
                'floor_clearance_reason' => $reason,
                'head_clearance_m' => null,
                'head_clearance_reason' => $reason,
                'ceiling_m' => null,
                'ceiling_reason' => $reason,
            ];
        }
        $height = $inputs->length('hand_height_m');
        $stature = $inputs->has('stature_m') ? $inputs->length('stature_m') : null;
        $half = $rope->span->times(0.5);
        $hands = $inputs->has('other_hand_height_m')
            ? Hands::at($half, $height, $half, $inputs->length('other_hand_height_m'))
            : Hands::level($rope->span, $height);
        $held = HeldRope::of($rope->cable, $hands);
        $clearance = Clearance::of($held, $stature, $inputs->length('jump_m'), $inputs->length('margin_m'));
        $contact = FloorContact::of($held);

        return [
            'floor_clearance_m' => $clearance->floor->metres(),
            'head_clearance_m' => $clearance->head?->metres(),
            ...null === $stature ? ['head_clearance_reason' => 'needs stature_m'] : [],
            'ceiling_m' => $clearance->ceiling->metres(),
            'dragging_m' => $contact->dragging->metres(),
            'tilt_rad' => $hands->tilt(),
            ...self::comesDown($held, $stature),
        ];
    }

    /**
     * @return array<string, float|string|null>
     */
    private static function comesDown(HeldRope $held, ?Length $stature): array
    {
        $ahead =
            null === $stature
                ? null
                : SideView::of($held, Figure::of(Body::ofStature($stature)))->aheadOfToes()?->metres();
        $reason = null === $stature ? 'needs stature_m' : 'passes above the floor';

        return ['ahead_of_toes_m' => $ahead, ...null === $ahead ? ['ahead_of_toes_reason' => $reason] : []];
    }

    /**
     * @return list<array{x_m: float, y_m: float}>
     */
    private static function shape(TurningRope $rope, Inputs $inputs): array
    {
        $xs = array_values($inputs->numbers('x_m'));
        if ([] !== $xs) {
            return array_map(
                static fn (float $x, float $y): array => ['x_m' => $x, 'y_m' => $y],
                $xs,
                $rope->depthsAt($xs),
            );
        }
        $points = (int) $inputs->number('points');

        return $points < 2 ? [] : $rope->shape($points);
    }
}
