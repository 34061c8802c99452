<?php

declare(strict_types=1);

namespace Zumbo\Core\Hall;

use Zumbo\Core\Measure\OutOfRange;

/**
 * The floor people jump on, or the part of it that has the mat.
 */
final readonly class Room
{
    public const LEAST_M = 1.0;
    public const MOST_M = 100.0;

    /** Two circles may lie so much over each other: a millimetre. */
    public const TOLERANCE_M = 0.001;

    private function __construct(public float $widthM, public float $depthM)
    {
    }

    /**
     * @param float $widthM along the front, 1 to 100 m
     * @param float $depthM away from it, 1 to 100 m
     *
     * @throws OutOfRange naming the side
     */
    public static function of(float $widthM, float $depthM): self
    {
        foreach (['width' => $widthM, 'depth' => $depthM] as $side => $metres) {
            if (!($metres >= self::LEAST_M && $metres <= self::MOST_M)) {
                throw OutOfRange::of($side, \sprintf('%.6g m', $metres), 'from 1 to 100 m');
            }
        }

        return new self($widthM, $depthM);
    }

    /** Whether a circle round a spot lies between the walls. */
    public function holds(Spot $spot, float $radiusM): bool
    {
        $least = $radiusM - self::TOLERANCE_M;

        return $spot->x >= $least && $spot->y >= $least && $spot->x <= $this->widthM - $least && $spot->y <= $this->depthM - $least;
    }

    /**
     * More circles of a radius than that have no room, however they lie: centres keep 2r apart in the room without a strip of
     * r along its walls, and N. Oler, An inequality in the geometry of numbers, Acta Mathematica 105 (1961) 19–48, bounds
     * points 1 apart in a convex set by 2A/√3 + P/2 + 1 (from memory).
     */
    public function mostCircles(float $radiusM): int
    {
        [$width, $depth] = [$this->widthM - 2 * $radiusM, $this->depthM - 2 * $radiusM];
        if ($width < -self::TOLERANCE_M || $depth < -self::TOLERANCE_M) {
            return 0;
        }
        [$a, $b] = [max(0.0, $width) / (2 * $radiusM), max(0.0, $depth) / (2 * $radiusM)];

        return (int) floor(2 / sqrt(3) * $a * $b + $a + $b + 1 + 1e-9);
    }
}
