<?php

declare(strict_types=1);

namespace Zumbo\Core\Measure;

/**
 * Mass per length of a cable, kept in kg/m. Positive and finite.
 */
final readonly class LinearDensity
{
    private function __construct(private float $kilogramsPerMetre)
    {
        if (!is_finite($kilogramsPerMetre) || $kilogramsPerMetre <= 0) {
            throw OutOfRange::of('linear density', \sprintf('%.6g kg/m', $kilogramsPerMetre), 'a number above 0');
        }
    }

    /** @throws OutOfRange when not above 0 */
    public static function ofKilogramsPerMetre(float $value): self
    {
        return new self($value);
    }

    public function kilogramsPerMetre(): float
    {
        return $this->kilogramsPerMetre;
    }
}
