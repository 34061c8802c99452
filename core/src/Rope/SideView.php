<?php

declare(strict_types=1);

namespace Zumbo\Core\Rope;

use Zumbo\Core\Body\Figure;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\LengthRange;
use Zumbo\Core\Measure\OutOfRange;

/**
 * The middle of the rope seen from the side: a circle about the hands. Where it reaches the floor in front of the toes
 * is where a rope with spare arc lands; lengths ahead are counted from the ankles.
 *
 * The free arc; the real rope lags behind it and lands a little nearer (neglected, TurningRope).
 */
final readonly class SideView
{
    public const LEAST_AHEAD_M = -0.2;
    public const MOST_AHEAD_M = 0.8;

    /** The hands turn so far ahead of the ankles, as a share of stature (our assumption: just in front of the hips). */
    public const HANDS_AHEAD_SHARE = 0.08;

    /** Of the foot's length, ahead of the ankle (our assumption). */
    public const TOES_AHEAD_SHARE = 0.75;

    private function __construct(
        public Length $handsAhead,
        public Length $toesAhead,
        /** Of the circle, about the hands. */
        public Length $radius,
        /** From the ankles to where the rope comes down on the floor; null when it passes above. */
        public ?Length $meetsAhead,
    ) {
    }

    /**
     * @param Length|null $handsAhead null: the usual place
     *
     * @throws OutOfRange when the hands are more than 20 cm behind or 80 cm ahead of the ankles
     */
    public static function of(HeldRope $held, Figure $figure, ?Length $handsAhead = null): self
    {
        $ahead =
            null === $handsAhead
                ? $figure->stature->times(self::HANDS_AHEAD_SHARE)
                : self::aheads()->check($handsAhead);
        $height = $held->hands->middleHeight()->metres();
        $radius = $height - $held->lowest->metres();
        $reach = $radius <= $height ? null : Length::ofMetres(sqrt($radius ** 2 - $height ** 2));

        return new self(
            $ahead,
            $figure->footLength->times(self::TOES_AHEAD_SHARE),
            Length::ofMetres($radius),
            null === $reach ? null : $ahead->plus($reach),
        );
    }

    public static function aheads(): LengthRange
    {
        return LengthRange::of(
            'Hands ahead',
            Length::ofMetres(self::LEAST_AHEAD_M),
            Length::ofMetres(self::MOST_AHEAD_M),
        );
    }

    /** From the toes to where it comes down; null when it passes above the floor. */
    public function aheadOfToes(): ?Length
    {
        return $this->meetsAhead?->minus($this->toesAhead);
    }
}
