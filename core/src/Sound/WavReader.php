<?php

declare(strict_types=1);

namespace Zumbo\Core\Sound;

/**
 * Reads a WAV file as it comes, in constant memory (RIFF: Multimedia Programming Interface and Data Specifications 1.0,
 * IBM and Microsoft, 1991; the extensible format as its later revision).
 */
final class WavReader
{
    private const LEAST_RATE = 8000;
    private const MOST_RATE = 96_000;
    private const EXTENSIBLE = 0xFFFE;
    /** Recorders that stream can't know the length, and write this. */
    private const UNKNOWN_LENGTH = 0xFFFFFFFF;
    private const MOST_CHUNKS = 64;
    /** Divisible by every size of a frame: 1, 2, 3, 4, 6 and 8 bytes. */
    private const PIECE_BYTES = 49_152;

    private function __construct(
        private readonly ByteStream $bytes,
        public readonly int $rate,
        public readonly int $channels,
        public readonly SampleKind $kind,
        private readonly int $dataBytes,
    ) {
    }

    /**
     * @param iterable<string> $bytes of the file, in pieces of any size
     *
     * @throws WavError
     */
    public static function open(iterable $bytes): self
    {
        $stream = new ByteStream($bytes);
        $head = $stream->take(12);
        if (12 !== \strlen($head) || !str_starts_with($head, 'RIFF') || 'WAVE' !== substr($head, 8)) {
            throw WavError::notWav('' === $head ? 'it is empty' : 'it does not begin with RIFF and WAVE');
        }
        $format = null;
        for ($i = 0; $i < self::MOST_CHUNKS; ++$i) {
            [$name, $size] = self::chunkHead($stream);
            if ('data' === $name) {
                return null === $format
                    ? throw WavError::notWav('the sound comes before its format')
                    : new self($stream, ...$format, dataBytes: $size);
            }
            if ('fmt ' === $name) {
                $format = self::format($stream, $size);
            } elseif (!$stream->skip($size + $size % 2)) {
                throw WavError::notWav('it ends before the sound begins');
            }
        }

        throw WavError::notWav('it has too many parts before the sound');
    }

    /** As the file says; null when it does not know. */
    public function seconds(): ?float
    {
        return self::UNKNOWN_LENGTH === $this->dataBytes ? null : $this->dataBytes / $this->frameBytes() / $this->rate;
    }

    /**
     * Samples of the channels in turn, up to kind->full(), in pieces of whole frames.
     *
     * @return iterable<array<int, int|float>>
     *
     * @throws WavError when the file ends early or holds no numbers
     */
    public function pieces(): iterable
    {
        $read = 0;
        while ($read < $this->dataBytes) {
            $piece = $this->bytes->take(min(self::PIECE_BYTES, $this->dataBytes - $read));
            $whole = \strlen($piece) - \strlen($piece) % $this->frameBytes();
            $read += $whole;
            if ($whole > 0) {
                $samples = $this->kind->read(substr($piece, 0, $whole));
                // One sum tells: what is no number or endless makes it so too.
                if (SampleKind::Float32 === $this->kind && !is_finite(array_sum($samples))) {
                    throw WavError::broken($read / $this->frameBytes() / $this->rate);
                }
                yield $samples;
            }
            if (\strlen($piece) < self::PIECE_BYTES) {
                break;
            }
        }
        $said = $this->seconds();
        if (null !== $said && $this->dataBytes - $read >= $this->frameBytes()) {
            throw WavError::cutOff($read / $this->frameBytes() / $this->rate, $said);
        }
    }

    private function frameBytes(): int
    {
        return $this->channels * $this->kind->bytes();
    }

    /**
     * @return array{string, int}
     */
    private static function chunkHead(ByteStream $stream): array
    {
        $head = $stream->take(8);
        $read = 8 === \strlen($head) ? unpack('a4name/Vsize', $head) : false;
        if (false === $read || !\is_string($read['name']) || !\is_int($read['size'])) {
            throw WavError::notWav('it ends before the sound begins');
        }

        return [$read['name'], $read['size']];
    }

    /**
     * @return array{rate: int, channels: int, kind: SampleKind}
     */
    private static function format(ByteStream $stream, int $size): array
    {
        $head = $size < 16 || $size > 1024 ? '' : $stream->take($size + $size % 2);
        $read = \strlen($head) < 16 ? false : unpack('vformat/vchannels/Vrate/Vbytes/vframe/vbits', $head);
        if (false === $read) {
            throw WavError::notWav('its format can not be read');
        }
        $read = array_map(static fn (mixed $one): int => \is_int($one) ? $one : 0, $read);
        $format = $read['format'];
        if (self::EXTENSIBLE === $format && \strlen($head) >= 26) {
            $format = \ord($head[24]) + 256 * \ord($head[25]);
        }
        if ($read['channels'] < 1 || $read['channels'] > 2) {
            throw WavError::unknown('channels', $read['channels'], '1 or 2');
        }
        if ($read['rate'] < self::LEAST_RATE || $read['rate'] > self::MOST_RATE) {
            throw WavError::unknown('samples a second', $read['rate'], 'between '.self::LEAST_RATE.' and '.self::MOST_RATE);
        }
        $kind = SampleKind::of($format, $read['bits']);
        if ($read['channels'] * $kind->bytes() !== $read['frame']) {
            throw WavError::unknown('bytes of a frame', $read['frame'], (string) ($read['channels'] * $kind->bytes()));
        }

        return ['rate' => $read['rate'], 'channels' => $read['channels'], 'kind' => $kind];
    }
}
