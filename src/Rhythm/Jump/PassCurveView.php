<?php

declare(strict_types=1);

namespace Zumbo\App\Rhythm\Jump;

/**
 * All heights for one, two or three passes.
 */
final readonly class PassCurveView
{
    /**
     * @param list<JumpPointView> $points
     */
    public function __construct(
        public int $passes,
        public array $points,
        /** The least jump when the rope turns evenly. */
        public float $leastEvenJumpM,
    ) {
    }
}
