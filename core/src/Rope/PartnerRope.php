<?php

declare(strict_types=1);

namespace Zumbo\Core\Rope;

use Zumbo\Core\Body\Body;
use Zumbo\Core\Body\Figure;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\Verdict;

/**
 * One rope for two people who jump in it together (common practice: it is longer, and there the double bounce is
 * allowed).
 *
 * Face to face, the holder turns and the rope must come down in front of the partner's toes: the radius of the circle
 * about the hands is the distance to them. Side by side, each holds one handle: the arc is as deep as the higher hands,
 * the span wider by one person. Geometry with the arc of TurningRope; the distances are our assumption.
 */
final readonly class PartnerRope
{
    /** From the holder's ankles to the partner's, standing close. */
    public const APART_M = 0.45;

    /** Between the shoulders of two who stand side by side. */
    public const GAP_M = 0.15;

    private function __construct(public Length $cable, public Verdict $reason)
    {
    }

    public static function faceToFace(Body $holder, Body $partner): self
    {
        $hands = $holder->handHeight()->metres();
        // Beyond the partner's ankles half a foot.
        $far = self::APART_M + Figure::of($partner)->footLength->metres() / 2;
        $radius = Length::ofMetres(max(hypot($hands, $far), hypot($partner->stature->metres() - $hands, $far)));
        $cable = TurningRope::ofDepth($radius, Length::ofMetres(RopeSizing::USUAL_HAND_SPAN_M))->cable;

        return new self(
            $cable,
            Verdict::of('partner.face_to_face', ['cable_m' => $cable->metres(), 'radius_m' => $radius->metres()]),
        );
    }

    public static function sideBySide(Body $one, Body $other): self
    {
        $depth = $one->handHeight()->compareTo($other->handHeight()) > 0 ? $one->handHeight() : $other->handHeight();
        $breadth = Figure::of($one)->shoulderBreadth->plus(Figure::of($other)->shoulderBreadth)->times(0.5)->metres();
        $span = RopeSizing::USUAL_HAND_SPAN_M + self::GAP_M + $breadth;
        $cable = TurningRope::ofDepth($depth, Length::ofMetres($span))->cable;

        return new self(
            $cable,
            Verdict::of('partner.side_by_side', ['cable_m' => $cable->metres(), 'span_m' => $span]),
        );
    }
}
