<?php

declare(strict_types=1);

namespace Zumbo\Core\Rope;

use Zumbo\Core\Body\Body;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Measure\Quantity;
use Zumbo\Core\Measure\Verdict;

/**
 * A rope of a pair that two people turn for a third: never under 12 ft (common practice, no published source), and long
 * enough to pass under the feet and over the head of the jumper with the turners where they stand.
 */
final readonly class TurnedRope
{
    /** Twelve feet. */
    public const LEAST_M = 3.6576;
    public const USUAL_APART_M = 2.5;

    /** Over the head of the jumper, jump included (our assumption). */
    private const OVER_HEAD_M = 0.25;

    private function __construct(public Length $cable, public Verdict $reason)
    {
    }

    /**
     * @param Length $apart between the turners' hands
     *
     * @throws OutOfRange when the turners are closer than 1.5 m or further than 6 m apart
     */
    public static function of(Body $turner, Body $otherTurner, Body $jumper, Length $apart): self
    {
        $span = Quantity::TurnersApart->check($apart);
        $hands = $turner->handHeight()->plus($otherTurner->handHeight())->times(0.5)->metres();
        $depth = max($hands, $jumper->stature->metres() + self::OVER_HEAD_M - $hands);
        $needed = TurningRope::ofDepth(Length::ofMetres($depth), $span)->cable->metres();
        $cable = max(self::LEAST_M, $needed);

        return new self(
            Length::ofMetres($cable),
            Verdict::of($needed >= self::LEAST_M ? 'turned.computed' : 'turned.least', [
                'cable_m' => $cable,
                'least_ft' => Length::ofMetres(self::LEAST_M)->wholeFeet(),
                'needed_m' => $needed,
                'apart_m' => $apart->metres(),
            ]),
        );
    }
}
