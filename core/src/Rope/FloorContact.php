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
        /** Half the width over which the free arc would be under the floor; 0 when it clears it. */
        public Length $halfWidth,
        /** The rope under the floor line of the free arc: what drags. */
        public Length $dragging,
    ) {
    }

    public static function of(TurningRope $rope, Length $handHeight): self
    {
        if ($rope->depth->compareTo($handHeight) <= 0 || $rope->span->metres() <= 0 || $handHeight->metres() <= 0) {
            return new self(Length::zero(), Length::zero());
        }
        $half = RootFinder::between(
            static fn (float $x): float => $rope->depthsAt([$x])[0] - $handHeight->metres(),
            0.0,
            $rope->span->metres() / 2,
            self::TOLERANCE_M,
        );

        return new self(Length::ofMetres($half), Length::ofMetres(self::lengthWithin($rope, $half)));
    }

    private static function lengthWithin(TurningRope $rope, float $half): float
    {
        $xs = array_map(static fn (int $i): float => $half * (2 * $i / self::PIECES - 1), range(0, self::PIECES));
        $ys = $rope->depthsAt($xs);
        $sum = 0.0;
        for ($i = 0; $i < self::PIECES; ++$i) {
            $sum += hypot($xs[$i + 1] - $xs[$i], $ys[$i + 1] - $ys[$i]);
        }

        return $sum;
    }
}
