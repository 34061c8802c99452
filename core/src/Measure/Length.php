<?php

declare(strict_types=1);

namespace Zumbo\Core\Measure;

/**
 * A length, kept in metres. May be negative (a clearance can be), is always finite.
 *
 * 1 in = 25.4 mm exactly, 1 ft = 12 in: international yard and pound agreement, 1959.
 */
final readonly class Length
{
    public const METRES_PER_INCH = 0.0254;
    public const INCHES_PER_FOOT = 12;

    private function __construct(private float $metres)
    {
        if (!is_finite($metres)) {
            throw OutOfRange::notFinite('length');
        }
    }

    /** @throws OutOfRange when not finite */
    public static function ofMetres(float $metres): self
    {
        return new self($metres);
    }

    /** @throws OutOfRange when not finite */
    public static function ofCentimetres(float $centimetres): self
    {
        return new self($centimetres / 100);
    }

    /** @throws OutOfRange when not finite */
    public static function ofInches(float $inches): self
    {
        return new self($inches * self::METRES_PER_INCH);
    }

    /** @throws OutOfRange when not finite */
    public static function ofFeetAndInches(float $feet, float $inches = 0.0): self
    {
        return self::ofInches($feet * self::INCHES_PER_FOOT + $inches);
    }

    public static function zero(): self
    {
        return new self(0.0);
    }

    public function metres(): float
    {
        return $this->metres;
    }

    public function centimetres(): float
    {
        return $this->metres * 100;
    }

    public function inches(): float
    {
        return $this->metres / self::METRES_PER_INCH;
    }

    /** The nearest whole foot: common practice names some rules by it, in either unit. */
    public function wholeFeet(): int
    {
        return (int) round($this->inches() / self::INCHES_PER_FOOT);
    }

    public function plus(self $other): self
    {
        return new self($this->metres + $other->metres);
    }

    public function minus(self $other): self
    {
        return new self($this->metres - $other->metres);
    }

    /** As ropes are sized: never finer. */
    public function toTheCentimetre(): self
    {
        return new self(round($this->metres, 2));
    }

    public function times(float $factor): self
    {
        return new self($this->metres * $factor);
    }

    /** @return -1|0|1 */
    public function compareTo(self $other): int
    {
        return $this->metres <=> $other->metres;
    }

    public function isBetween(self $least, self $most): bool
    {
        return $this->metres >= $least->metres && $this->metres <= $most->metres;
    }
}
