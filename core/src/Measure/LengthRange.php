<?php

declare(strict_types=1);

namespace Zumbo\Core\Measure;

/**
 * The lengths that make sense for one quantity, both ends included.
 */
final readonly class LengthRange
{
    private function __construct(public string $quantity, public Length $least, public Length $most)
    {
    }

    public static function of(string $quantity, Length $least, Length $most): self
    {
        return new self($quantity, $least, $most);
    }

    /** The same lengths, of something that people call otherwise. */
    public function named(string $quantity): self
    {
        return new self($quantity, $this->least, $this->most);
    }

    public function holds(Length $length): bool
    {
        return $length->isBetween($this->least, $this->most);
    }

    /** @throws OutOfRange when the length is outside, saying both and an accepted form */
    public function check(Length $length): Length
    {
        if (!$this->holds($length)) {
            throw OutOfRange::of($this->quantity, LengthUnit::Centimetre->print($length), $this->accepted());
        }

        return $length;
    }

    public function accepted(): string
    {
        return \sprintf(
            'between %s and %s cm, or like %s',
            self::trim($this->least->centimetres()),
            self::trim($this->most->centimetres()),
            LengthUnit::FootAndInch->print($this->least->plus($this->most)->times(0.5)),
        );
    }

    private static function trim(float $centimetres): string
    {
        return (string) round($centimetres, 1);
    }
}
