<?php

declare(strict_types=1);

namespace Zumbo\Core\Rope;

use Zumbo\Core\Measure\Length;

/**
 * A turning rope in two hands that may be uneven: the troposkein about the line from tip to tip, seen from the front as
 * it passes under the feet and over the head. The tilted axis is geometry; gravity and drag stay neglected
 * (TurningRope).
 */
final readonly class HeldRope
{
    /** Golden-section steps: the width is down to 1e-9 of the span. */
    private const STEPS = 44;

    private function __construct(
        public TurningRope $rope,
        public Hands $hands,
        /** Along the axis from its middle, where the rope is lowest as it passes under the feet. */
        public Length $lowestAlong,
        /** Of that point above the floor; negative: so much arc is spare. */
        public Length $lowest,
        /** Of the highest point above the floor, as it passes over the head. */
        public Length $highest,
    ) {
    }

    /** @throws RopeTooShort when the hands are further apart than the cable is long */
    public static function of(Length $cable, Hands $hands): self
    {
        $rope = TurningRope::ofCable($cable, $hands->span());
        $along = self::deepestAlong($rope, $hands->tilt());
        $deep = Length::ofMetres(self::depthBelowMiddle($rope, $hands->tilt(), $along));

        // Turned by half a turn the same curve stands on its head, so it rises as far as it hangs.
        return new self(
            $rope,
            $hands,
            Length::ofMetres($along),
            $hands->middleHeight()->minus($deep),
            $hands->middleHeight()->plus($deep),
        );
    }

    /**
     * The rope under the feet, from the left hand to the right; what would be under the floor lies on it.
     *
     * @param int<2, max> $points
     *
     * @return list<array{x_m: float, y_m: float}> right of the body's middle, above the floor
     */
    public function under(int $points): array
    {
        return array_map(
            static fn (array $point): array => ['x_m' => $point['x_m'], 'y_m' => max(0.0, $point['y_m'])],
            $this->curve($points, -1),
        );
    }

    /**
     * The rope over the head.
     *
     * @param int<2, max> $points
     *
     * @return list<array{x_m: float, y_m: float}>
     */
    public function over(int $points): array
    {
        return $this->curve($points, 1);
    }

    /** How far below the middle of the axis the rope hangs, for a place along the axis. */
    public function depthAt(float $along): float
    {
        return self::depthBelowMiddle($this->rope, $this->hands->tilt(), $along);
    }

    /**
     * @param int<2, max> $points
     * @param -1|1        $side   under or over
     *
     * @return list<array{x_m: float, y_m: float}>
     */
    private function curve(int $points, int $side): array
    {
        [$sine, $cosine] = [sin($this->hands->tilt()), cos($this->hands->tilt())];
        $middle = $this->hands->middleHeight()->metres();
        $aside = $this->hands->middleOut()->metres();

        return array_map(
            static fn (array $point): array => [
                'x_m' => $aside + $point['x_m'] * $cosine - $side * $point['y_m'] * $sine,
                'y_m' => $middle + $point['x_m'] * $sine + $side * $point['y_m'] * $cosine,
            ],
            $this->rope->shape($points),
        );
    }

    private static function deepestAlong(TurningRope $rope, float $tilt): float
    {
        if (0.0 === $tilt) {
            return 0.0;
        }
        $ratio = (sqrt(5) - 1) / 2;
        [$low, $high] = [-$rope->span->metres() / 2, $rope->span->metres() / 2];
        for ($i = 0; $i < self::STEPS; ++$i) {
            $left = $high - $ratio * ($high - $low);
            $right = $low + $ratio * ($high - $low);
            if (self::depthBelowMiddle($rope, $tilt, $left) > self::depthBelowMiddle($rope, $tilt, $right)) {
                $high = $right;
            } else {
                $low = $left;
            }
        }

        return ($low + $high) / 2;
    }

    private static function depthBelowMiddle(TurningRope $rope, float $tilt, float $along): float
    {
        return $rope->depthsAt([$along])[0] * cos($tilt) - $along * sin($tilt);
    }
}
