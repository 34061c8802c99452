<?php

declare(strict_types=1);

namespace Zumbo\Core\Jump;

use Zumbo\Core\Measure\OutOfRange;

/**
 * A jump in the air: t = √(8h/g) for a rise h of the centre of mass (flight-time method: Bosco, Luhtanen & Komi, Eur.
 * J. Appl. Physiol. 50 (1983) 273–282). Legs drawn up for the landing overstate h.
 */
final readonly class Flight
{
    /** Standard gravity, m/s² (CGPM 1901). */
    public const GRAVITY = 9.80665;

    /** Nobody jumps higher with a rope. */
    private const MOST_M = 1.5;

    private function __construct(public float $heightM, public float $seconds)
    {
    }

    /** @throws OutOfRange when not above 0 and at most 1.5 m */
    public static function ofHeight(float $metres): self
    {
        self::check('jump', $metres, self::MOST_M, 'm');

        return new self($metres, sqrt((8 * $metres) / self::GRAVITY));
    }

    /** @throws OutOfRange when not above 0 and at most 1.106 s, the flight of 1.5 m */
    public static function ofSeconds(float $seconds): self
    {
        self::check('flight', $seconds, sqrt((8 * self::MOST_M) / self::GRAVITY), 's');

        return new self((self::GRAVITY * $seconds ** 2) / 8, $seconds);
    }

    /** How long the feet are higher than that; 0 when they never are. */
    public function secondsAbove(float $metres): float
    {
        return $this->heightM <= $metres ? 0.0 : 2 * sqrt((2 * ($this->heightM - $metres)) / self::GRAVITY);
    }

    private static function check(string $quantity, float $value, float $most, string $unit): void
    {
        if (!($value > 0 && $value <= $most)) {
            throw OutOfRange::of(
                $quantity,
                \sprintf('%.6g %s', $value, $unit),
                \sprintf('above 0, at most %.3g %s', $most, $unit),
            );
        }
    }
}
