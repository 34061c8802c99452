<?php

declare(strict_types=1);

namespace Zumbo\Core\Sound;

/**
 * How one sample is written in a WAV file.
 */
enum SampleKind
{
    case Unsigned8;
    case Signed16;
    case Signed24;
    case Float32;

    /** @throws WavError when no recorder of today writes that */
    public static function of(int $format, int $bits): self
    {
        return match (true) {
            1 === $format && 8 === $bits => self::Unsigned8,
            1 === $format && 16 === $bits => self::Signed16,
            1 === $format && 24 === $bits => self::Signed24,
            3 === $format && 32 === $bits => self::Float32,
            1 === $format || 3 === $format => throw WavError::unknown(
                'bits of a sample',
                $bits,
                '8, 16 or 24 as PCM, 32 as float',
            ),
            default => throw WavError::unknown('format', $format, '1 (PCM) or 3 (float)'),
        };
    }

    public function bytes(): int
    {
        return match ($this) {
            self::Unsigned8 => 1,
            self::Signed16 => 2,
            self::Signed24 => 3,
            self::Float32 => 4,
        };
    }

    /** What the loudest sample reads as. */
    public function full(): float
    {
        return match ($this) {
            self::Unsigned8 => 128.0,
            self::Signed16, self::Signed24 => 32768.0,
            self::Float32 => 1.0,
        };
    }

    /**
     * Raw numbers up to full(); of 24 bits the upper 16, as the ear needs no more.
     *
     * @return array<int, int|float> from any key
     */
    public function read(string $bytes): array
    {
        $read = match ($this) {
            self::Unsigned8 => unpack('c*', $bytes ^ str_repeat("\x80", \strlen($bytes))),
            self::Signed16 => unpack('s*', $bytes),
            self::Signed24 => unpack('s*', (string) preg_replace('/.(..)/s', '$1', $bytes)),
            self::Float32 => unpack('g*', $bytes),
        };

        /** @var array<int, int|float> */
        return false === $read ? [] : $read;
    }
}
