<?php

declare(strict_types=1);

namespace Zumbo\Core\Sound;

/**
 * Writes a WAV file, 16-bit PCM, one channel, piece by piece.
 */
final class WavWriter
{
    private const FULL = 32_767;

    /**
     * @param iterable<list<float>> $pieces samples from -1 to 1; louder ones are held there
     * @param int                   $count  how many in all
     *
     * @return iterable<string>
     */
    public static function pcm16(int $rate, iterable $pieces, int $count): iterable
    {
        $bytes = 2 * $count;
        yield 'RIFF'.
            pack('V', 36 + $bytes).
            'WAVEfmt '.
            pack('VvvVVvv', 16, 1, 1, $rate, 2 * $rate, 2, 16).
            'data'.
            pack('V', $bytes);
        foreach ($pieces as $piece) {
            yield pack(
                'v*',
                ...array_map(
                    static fn (float $sample): int => (int) round(self::FULL * max(-1.0, min(1.0, $sample))),
                    $piece,
                ),
            );
        }
    }
}
