<?php

declare(strict_types=1);

namespace Zumbo\Core\Rope;

use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\Verdict;

/**
 * One trim: how long the cable is after it, what is taken off each side, what must be shown before, and what it lifts.
 */
final readonly class TrimStep
{
    private function __construct(
        public Length $cable,
        public Length $offPerSide,
        public Verdict $gate,
        private Length $before,
    ) {
    }

    /** @param int $sets that must hold before it */
    public static function from(Length $before, Length $offPerSide, int $sets): self
    {
        $after = $before->minus($offPerSide->times(2));

        return new self(
            $after,
            $offPerSide,
            Verdict::of('trim.gate', ['before_m' => $before->metres(), 'sets' => $sets]),
            $before,
        );
    }

    /** By how much the lowest point of the turning arc rises, hands in the usual place. */
    public function lifts(): Length
    {
        return self::depth($this->before)->minus(self::depth($this->cable));
    }

    /** What the step does to the arc, as a sentence. */
    public function effect(): Verdict
    {
        return Verdict::of('trim.lifts', [
            'off_m' => $this->offPerSide->times(2)->metres(),
            'lifts_m' => $this->lifts()->metres(),
        ]);
    }

    /** Of the turning arc below the hands; 0 where the cable does not even reach from hand to hand. */
    private static function depth(Length $cable): Length
    {
        $span = Length::ofMetres(RopeSizing::USUAL_HAND_SPAN_M);

        return $cable->compareTo($span) < 0 ? Length::zero() : TurningRope::ofCable($cable, $span)->depth;
    }
}
