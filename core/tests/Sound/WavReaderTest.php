<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Sound;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Zumbo\Core\Sound\SampleKind;
use Zumbo\Core\Sound\WavError;
use Zumbo\Core\Sound\WavReader;
use Zumbo\Core\Sound\WavWriter;

/**
 * The WAV format. The files were written by a general-purpose sound tool (SoX 14.4.2, `synth 0.02 sine 440 gain -6`),
 * so that what is read is not only what this code wrote.
 */
final class WavReaderTest extends TestCase
{
    private const FILES = __DIR__.'/files/';

    #[DataProvider('files')]
    public function testReadsWhatAStandardToolWrote(
        string $name,
        int $rate,
        int $channels,
        SampleKind $kind,
        float $within,
    ): void {
        $wav = WavReader::open([(string) file_get_contents(self::FILES.$name)]);
        self::assertSame([$rate, $channels, $kind], [$wav->rate, $wav->channels, $wav->kind]);
        $samples = self::samples($wav);
        self::assertCount((int) (0.02 * $rate) * $channels, $samples);
        self::assertEqualsWithDelta(0.02, $wav->seconds(), 1e-9);
        foreach ($samples as $i => $sample) {
            // A sine of 440 Hz, 6 dB below full, the same in every channel.
            self::assertEqualsWithDelta(
                10 ** (-6 / 20) * sin((2 * \M_PI * 440 * intdiv($i, $channels)) / $rate),
                $sample / $kind->full(),
                $within,
                "$name at $i",
            );
        }
    }

    /**
     * @return iterable<string, array{string, int, int, SampleKind, float}>
     */
    public static function files(): iterable
    {
        yield '8 bit' => ['u8-22050-1.wav', 22_050, 1, SampleKind::Unsigned8, 0.02];
        foreach ([8000, 44_100, 96_000] as $rate) {
            foreach ([1, 2] as $channels) {
                yield "16 bit, $rate, $channels" => [
                    "s16-$rate-$channels.wav",
                    $rate,
                    $channels,
                    SampleKind::Signed16,
                    1e-4,
                ];
            }
        }
        yield '24 bit' => ['s24-44100-1.wav', 44_100, 1, SampleKind::Signed24, 1e-4];
        yield '24 bit, two channels' => ['s24-48000-2.wav', 48_000, 2, SampleKind::Signed24, 1e-4];
        yield 'float' => ['f32-44100-2.wav', 44_100, 2, SampleKind::Float32, 1e-4];
    }

    public function testReadsTheSameInPiecesOfAnySize(): void
    {
        $bytes = (string) file_get_contents(self::FILES.'s24-48000-2.wav');
        $whole = self::samples(WavReader::open([$bytes]));
        foreach ([1, 7, 1000] as $size) {
            self::assertSame($whole, self::samples(WavReader::open(str_split($bytes, $size))));
        }
    }

    public function testReadsBackWhatItWrites(): void
    {
        $bytes = '';
        foreach (WavWriter::pcm16(8000, [[0.0, 0.5, -0.5], [1.5, -1.5]], 5) as $piece) {
            $bytes .= $piece;
        }
        // RIFF: 12 bytes of head, 24 of format, 8 before the sound.
        self::assertSame(44 + 10, \strlen($bytes));
        self::assertSame([0, 16_384, -16_384, 32_767, -32_767], self::samples(WavReader::open([$bytes])));
    }

    #[DataProvider('bad')]
    public function testSaysWhatIsWrong(string $bytes, string $sentence): void
    {
        $this->expectException(WavError::class);
        $this->expectExceptionMessage($sentence);
        self::samples(WavReader::open([$bytes]));
    }

    /**
     * @return iterable<string, array{string, string}>
     */
    public static function bad(): iterable
    {
        $good = (string) file_get_contents(self::FILES.'s16-8000-1.wav');
        $float = (string) file_get_contents(self::FILES.'f32-44100-2.wav');
        yield 'nothing' => ['', 'it is empty'];
        yield 'another file' => ["\x89PNG\r\n\x1a\nabcdefgh", 'does not begin with RIFF'];
        yield 'cut in the head' => [substr($good, 0, 30), 'its format can not be read'];
        yield 'cut before the sound' => [substr($good, 0, 40), 'it ends before the sound begins'];
        yield 'cut in the sound' => [substr($good, 0, 200), 'cut off: it says 0.0 s of sound'];
        yield 'no channel' => [substr_replace($good, "\x00\x00", 22, 2), 'channels 0: 1 or 2'];
        yield 'six channels' => [substr_replace($good, "\x06\x00", 22, 2), 'channels 6: 1 or 2'];
        yield 'absurd rate' => [
            substr_replace($good, pack('V', 4_000_000_000), 24, 4),
            'samples a second 4000000000: between 8000 and 96000',
        ];
        yield 'no rate' => [substr_replace($good, pack('V', 0), 24, 4), 'samples a second 0'];
        yield 'odd bits' => [substr_replace($good, pack('v', 12), 34, 2), 'bits of a sample 12'];
        yield 'packed otherwise' => [substr_replace($good, pack('v', 85), 20, 2), 'format 85'];
        yield 'frame that does not fit' => [substr_replace($good, pack('v', 9), 32, 2), 'bytes of a frame 9: 2'];
        $data = strpos($float, 'data');
        self::assertIsInt($data);
        yield 'no number' => [
            substr_replace($float, pack('g', \NAN), $data + 8, 4),
            'holds something that is no number',
        ];
        yield 'endless parts' => ['RIFF....WAVE'.str_repeat('junk'.pack('V', 0), 200), 'too many parts'];
        yield 'sound before its format' => [
            'RIFF....WAVEdata'.pack('V', 4).'abcd',
            'the sound comes before its format',
        ];
    }

    /**
     * @return list<int|float>
     */
    private static function samples(WavReader $wav): array
    {
        $all = [];
        foreach ($wav->pieces() as $piece) {
            array_push($all, ...$piece);
        }

        return $all;
    }
}
