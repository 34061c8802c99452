<?php

declare(strict_types=1);

namespace Zumbo\Core\Rope;

use Zumbo\Core\Measure\Length;
use Zumbo\Core\Numeric\RootFinder;

/**
 * Where a long arc meets the floor instead of hanging free: the real rope touches there and the rest drags.
 */
final readonly class FloorContact
{
    private const TOLERANCE_M = 1e-6;
    private const PIECES = 64;

    private function __construct(
        /** Width over which the free arc would be under the floor; 0 when it clears it. */
        public Length $width,
        /** The rope under the floor line of the free arc: what drags. */
        public Length $dragging,
    ) {
    }

    public static function of(HeldRope $held): self
    {
        $half = $held->rope->span->metres() / 2;
        $height = $held->hands->middleHeight()->metres();
        if ($held->lowest->metres() >= 0 || $half <= 0 || $height <= 0) {
            return new self(Length::zero(), Length::zero());
        }
        $under = static fn (float $along): float => $held->depthAt($along) - $height;
        $left = RootFinder::between($under, -$half, $held->lowestAlong->metres(), self::TOLERANCE_M);
        $right = RootFinder::between($under, $held->lowestAlong->metres(), $half, self::TOLERANCE_M);

        [$leftDeep, $rightDeep] = $held->rope->depthsAt([$left, $right]);
        $width = ($right - $left) * cos($held->hands->tilt()) + ($rightDeep - $leftDeep) * sin($held->hands->tilt());

        return new self(Length::ofMetres($width), Length::ofMetres(self::lengthBetween($held->rope, $left, $right)));
    }

    private static function lengthBetween(TurningRope $rope, float $left, float $right): float
    {
        $xs = array_map(
            static fn (int $i): float => $left + (($right - $left) * $i) / self::PIECES,
            range(0, self::PIECES),
        );
        $ys = $rope->depthsAt($xs);
        $sum = 0.0;
        for ($i = 0; $i < self::PIECES; ++$i) {
            $sum += hypot($xs[$i + 1] - $xs[$i], $ys[$i + 1] - $ys[$i]);
        }

        return $sum;
    }
}
