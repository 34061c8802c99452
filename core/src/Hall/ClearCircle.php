<?php

declare(strict_types=1);

namespace Zumbo\Core\Hall;

use Zumbo\Core\Body\Body;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Rope\Clearance;
use Zumbo\Core\Rope\Hands;
use Zumbo\Core\Rope\HeldRope;
use Zumbo\Core\Rope\RopeSizing;
use Zumbo\Core\Rope\RopeTooShort;

/**
 * The room a jumper needs: a circle on the floor, and a height above it.
 *
 * Radius: depth of the rope's arc and 0.30 m around. Ceiling: hands, arc depth, jump and 0.10 m. The margins are our
 * assumption (common practice has no number).
 */
final readonly class ClearCircle
{
    public const MARGIN_M = 0.30;
    public const USUAL_JUMP_M = 0.10;

    /** Where doubles are the day's set. */
    public const JUMP_OF_DOUBLES_M = 0.20;

    private function __construct(public float $radiusM, public float $ceilingM)
    {
    }

    /** @throws RopeTooShort when the hands are further apart than the cable is long */
    public static function of(Body $body, Length $cable, Length $jump): self
    {
        $held = HeldRope::of($cable, Hands::level(Length::ofMetres(RopeSizing::USUAL_HAND_SPAN_M), $body->handHeight()));
        $clearance = Clearance::of($held, null, $jump, Length::ofMetres(Clearance::USUAL_CEILING_MARGIN_M));
        $depth = $held->highest->minus($held->hands->middleHeight());

        return new self($depth->metres() + self::MARGIN_M, $clearance->ceiling->metres());
    }

    /** @param float $ceilingM of what is needed */
    public static function ofRadius(float $radiusM, float $ceilingM = 0.0): self
    {
        return new self($radiusM, $ceilingM);
    }
}
