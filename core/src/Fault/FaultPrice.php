<?php

declare(strict_types=1);

namespace Zumbo\Core\Fault;

use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Rope\RopeSizing;
use Zumbo\Core\Rope\TurningRope;
use Zumbo\Core\Rope\WidthPenalty;

/**
 * What a fault costs on the athlete's own rope.
 */
final class FaultPrice
{
    /** So far out each hand, as a coach shows it. */
    private const WIDER_M = 0.1;

    /** @return Verdict|null null: it has no price in numbers, or the rope does not reach */
    public static function of(Fault $fault, Length $cable): ?Verdict
    {
        $span = Length::ofMetres(RopeSizing::USUAL_HAND_SPAN_M);
        if ('hands-wide' !== $fault->code || $cable->compareTo($span) < 0) {
            return null;
        }
        $penalty = WidthPenalty::of(TurningRope::ofCable($cable, $span), Length::ofMetres(self::WIDER_M));

        return null === $penalty->rise
            ? null
            : Verdict::of('price.hands_wide', [
                'each_hand_m' => $penalty->eachHand->metres(),
                'rise_m' => $penalty->rise->metres(),
            ]);
    }
}
