<?php

declare(strict_types=1);

namespace Zumbo\Core\Cable;

use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\LinearDensity;
use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Measure\Quantity;

/**
 * A piece of cable on a kitchen scale: its length and its grams give the grams of a metre.
 */
final readonly class WeighedPiece
{
    public const LEAST_DIAMETER_MM = 0.5;
    public const MOST_DIAMETER_MM = 30.0;
    public const LEAST_GRAMS = 1.0;
    public const MOST_GRAMS = 5000.0;

    /** From a thread to a weighted rope; outside of it something was read wrong. */
    private const LEAST_G_PER_M = 3.0;
    private const MOST_G_PER_M = 500.0;

    private function __construct(public LinearDensity $density)
    {
    }

    /** @throws OutOfRange when the length, the weight, or what a metre of it weighs is not that of a cable */
    public static function of(Length $length, float $grams): self
    {
        Quantity::WeighedPiece->check($length);
        if (!($grams >= self::LEAST_GRAMS && $grams <= self::MOST_GRAMS)) {
            throw OutOfRange::of(
                'Weight',
                \sprintf('%.6g g', $grams),
                \sprintf('%.0f to %.0f g', self::LEAST_GRAMS, self::MOST_GRAMS),
            );
        }
        $perMetre = $grams / $length->metres();
        if ($perMetre < self::LEAST_G_PER_M || $perMetre > self::MOST_G_PER_M) {
            throw OutOfRange::of(
                'Weight',
                \sprintf('%.6g g for %.3g m, %.3g g a metre,', $grams, $length->metres(), $perMetre),
                \sprintf('%.0f to %.0f g a metre', self::LEAST_G_PER_M, self::MOST_G_PER_M),
            );
        }

        return new self(LinearDensity::ofKilogramsPerMetre($perMetre / 1000));
    }
}
