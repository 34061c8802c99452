<?php

declare(strict_types=1);

namespace Zumbo\Core\Body;

use Zumbo\Core\Measure\Length;

/**
 * The heights and breadths a true-to-scale drawing of an athlete needs.
 *
 * Ratios to stature: hip 0.530, knee 0.285, foot length 0.152, biacromial breadth 0.259 (Drillis & Contini segment
 * ratios as printed in D. A. Winter, Biomechanics and Motor Control of Human Movement).
 */
final readonly class Figure
{
    private const KNEE = 0.285;
    private const FOOT_LENGTH = 0.152;
    private const SHOULDER_BREADTH = 0.259;

    private function __construct(
        public Length $stature,
        public Length $shoulder,
        public Length $hip,
        public Length $knee,
        public Length $shoulderBreadth,
        public Length $footLength,
    ) {
    }

    public static function of(Body $body): self
    {
        return new self(
            $body->stature,
            $body->heightOf(Landmark::Shoulder)->height,
            $body->heightOf(Landmark::Hip)->height,
            $body->stature->times(self::KNEE),
            $body->stature->times(self::SHOULDER_BREADTH),
            $body->stature->times(self::FOOT_LENGTH),
        );
    }
}
