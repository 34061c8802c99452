<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Sound;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Measure\Rate;
use Zumbo\Core\Rhythm\JumperFault;
use Zumbo\Core\Rhythm\Pattern;
use Zumbo\Core\Rhythm\RhythmReport;
use Zumbo\Core\Rhythm\SimulatedJumper;
use Zumbo\Core\Rhythm\Take;
use Zumbo\Core\Sound\ClickTrack;
use Zumbo\Core\Sound\Ear;
use Zumbo\Core\Sound\HeardTake;
use Zumbo\Core\Sound\SyntheticTake;
use Zumbo\Core\Sound\WavError;
use Zumbo\Core\Sound\WavReader;
use Zumbo\Core\Sound\WavWriter;

/**
 * Hearing, against takes whose truth is known: those of another generator that shares no code with this one
 * (bench/heldout/generate.py), and the core's own. How well it does over many takes is shown by `./zumbo bench sound`.
 */
final class EarTest extends TestCase
{
    /** The usual window of onset scoring (MIREX). */
    private const WINDOW_S = 0.05;

    #[DataProvider('held')]
    public function testCountsTakesMadeByOthers(string $name): void
    {
        $truth = json_decode((string) file_get_contents(__DIR__."/files/$name.json"), true);
        self::assertIsArray($truth);
        $heard = Ear::hear(WavReader::open([(string) file_get_contents(__DIR__."/files/$name.wav")]));
        self::assertTrue($heard->counts);
        self::assertSame($truth['passes'], $heard->take->passes());
        self::assertTimes($truth['turns_s'], $heard->take->turnsS);
        self::assertTimes($truth['landings_s'], $heard->take->landingsS);
    }

    /**
     * @return iterable<string, array{string}>
     */
    public static function held(): iterable
    {
        yield 'singles, 30 dB' => ['singles-30db'];
        yield 'three singles and a double, a trip, 20 dB' => ['mixed-trip-20db'];
        yield 'doubles, 10 dB' => ['doubles-10db'];
    }

    #[DataProvider('rates')]
    public function testHearsAtEveryRate(int $rate): void
    {
        $take = self::jumped('2s d', 96, JumperFault::None);
        $heard = self::hear(SyntheticTake::of($take, 25, 0.3, 5, $rate)->wav());
        self::assertSame($take->passes(), $heard->take->passes());
    }

    /**
     * @return iterable<array{int}>
     */
    public static function rates(): iterable
    {
        yield '11 kHz' => [11_025];
        yield '22 kHz' => [22_050];
        yield '44 kHz' => [44_100];
        yield '48 kHz' => [48_000];
        yield '96 kHz' => [96_000];
    }

    #[DataProvider('faults')]
    public function testNamesTheFaultItHears(JumperFault $fault, string $verdict, int $misses): void
    {
        $take = self::jumped('20s', 120, $fault, 30.0);
        $reading = RhythmReport::of(self::hear(SyntheticTake::of($take, 30, 0.2, 9, 22_050)->wav())->take);
        self::assertSame($verdict, $reading->verdict->code);
        self::assertCount($misses, $reading->misses);
    }

    /**
     * @return iterable<string, array{JumperFault, string, int}>
     */
    public static function faults(): iterable
    {
        yield 'none' => [JumperFault::None, 'rhythm.even', 0];
        yield 'double bounce' => [JumperFault::DoubleBounce, 'rhythm.double_bounce', 0];
        yield 'rushing' => [JumperFault::Rushing, 'rhythm.rushing', 0];
        // One jump in nine trips and costs 1.3 s more: six in thirty seconds at 120 a minute.
        yield 'trips' => [JumperFault::Trip, 'rhythm.even', 5];
    }

    public function testSaysWhenItIsTooNoisyInsteadOfGuessing(): void
    {
        $noisy = 0;
        for ($seed = 1; $seed <= 10; ++$seed) {
            $take = SimulatedJumper::jump(
                Pattern::parse('3s d'),
                Rate::perMinute(104),
                10,
                0.02,
                JumperFault::None,
                $seed,
            );
            $heard = self::hear(SyntheticTake::of($take, 0, 0.5, $seed, 22_050)->wav());
            $noisy += 'sound.noisy' === $heard->verdict->code && !$heard->counts ? 1 : 0;
            self::assertTrue(
                $take->passes() === $heard->take->passes() || $heard->confidence < 0.2,
                'never sure of what is wrong',
            );
        }
        // As loud as the jumper: of what can not be counted most is said to be so.
        self::assertGreaterThanOrEqual(4, $noisy);
        $silence = self::hear(WavWriter::pcm16(22_050, [array_fill(0, 88_200, 0.0)], 88_200));
        self::assertSame('sound.nothing', $silence->verdict->code);
        $draws = unpack(
            's*',
            (new \Random\Randomizer(new \Random\Engine\Xoshiro256StarStar(4)))->getBytes(2 * 220_500),
        );
        self::assertIsArray($draws);
        $noise = self::hear(
            WavWriter::pcm16(
                22_050,
                [
                    array_values(
                        array_map(static fn (mixed $draw): float => \is_int($draw) ? $draw / 40_000 : 0.0, $draws),
                    ),
                ],
                220_500,
            ),
        );
        self::assertFalse($noise->counts);
        self::assertLessThan(0.3, $noise->confidence);
    }

    public function testTheClickTrackReadsBackAsItsPattern(): void
    {
        $pattern = Pattern::parse('2s d q S t');
        $heard = self::hear(ClickTrack::wav($pattern, Rate::perMinute(96), 3));
        self::assertSame([1, 1, 2, 1, 1, 3, 1, 1, 2, 1, 1, 3, 1, 1, 2, 1, 1, 3], $heard->take->passes());
        self::assertEqualsWithDelta(96, RhythmReport::of($heard->take)->beat?->cadence() ?? 0, 1.0);
    }

    public function testAClickTrackHasItsLimits(): void
    {
        $this->expectException(OutOfRange::class);
        self::hear(ClickTrack::wav(Pattern::parse('500s'), Rate::perMinute(40), 2));
    }

    public function testAStereoFileIsHeardAsOne(): void
    {
        $take = self::jumped('d', 90, JumperFault::None, 6.0);
        $mono = '';
        foreach (SyntheticTake::of($take, 30, 0.0, 2, 22_050)->wav() as $piece) {
            $mono .= $piece;
        }
        $both = (string) preg_replace('/(..)/s', '$1$1', substr($mono, 44));
        $stereo =
            'RIFF'.
            pack('V', 36 + \strlen($both)).
            'WAVEfmt '.
            pack('VvvVVvv', 16, 1, 2, 22_050, 88_200, 4, 16).
            'data'.
            pack('V', \strlen($both)).
            $both;
        self::assertSame($take->passes(), self::hear([$stereo])->take->passes());
    }

    public function testTheWaveHasFewColumnsHoweverLong(): void
    {
        $heard = self::hear(
            WavWriter::pcm16(
                8000,
                (static function (): iterable {
                    for ($i = 0; $i < 120; ++$i) {
                        yield array_fill(0, 8000, 0.1);
                    }
                })(),
                960_000,
            ),
        );
        self::assertLessThanOrEqual(2400, \count($heard->wave->columns()));
        self::assertEqualsWithDelta(120, $heard->wave->stepS() * \count($heard->wave->columns()), 0.2);
    }

    public function testMoreThanHalfAnHourIsRefusedBeforeItIsHeard(): void
    {
        $pieces = 0;
        $this->expectException(WavError::class);
        $this->expectExceptionMessage('longer than 30 minutes');
        try {
            self::hear(self::silence(1900, $pieces));
        } finally {
            self::assertLessThan(5, $pieces);
        }
    }

    public function testAStreamThatDoesNotKnowItsLengthIsRefusedWhenItGoesOn(): void
    {
        $pieces = 0;
        $stream = (static function () use (&$pieces): iterable {
            foreach (self::silence(600, $pieces) as $i => $bytes) {
                yield 0 === $i ? substr($bytes, 0, 40)."\xff\xff\xff\xff" : $bytes;
            }
        })();
        try {
            Ear::hear(WavReader::open($stream), longestS: 120.0);
            self::fail('heard to its end');
        } catch (WavError $refusal) {
            self::assertSame('the recording is longer than 2 minutes', $refusal->getMessage());
            self::assertEqualsWithDelta(121, $pieces, 8, 'and no further');
        }
    }

    /**
     * @return iterable<string> so many seconds of nothing
     */
    private static function silence(int $seconds, int &$pieces): iterable
    {
        $piece = array_fill(0, 8000, 0.0);

        return WavWriter::pcm16(
            8000,
            (static function () use ($piece, $seconds, &$pieces): iterable {
                for ($i = 0; $i < $seconds; ++$i) {
                    ++$pieces;
                    yield $piece;
                }
            })(),
            $seconds * 8000,
        );
    }

    public function testTheSameSeedSoundsTheSame(): void
    {
        $bytes = static fn (int $seed): string => implode(
            '',
            iterator_to_array(
                (static fn (): iterable => (yield from SyntheticTake::of(
                    self::jumped('s', 120, JumperFault::None, 3.0),
                    20,
                    0.3,
                    $seed,
                    8000,
                )->wav()))(),
                false,
            ),
        );
        self::assertSame($bytes(1), $bytes(1));
        self::assertNotSame($bytes(1), $bytes(2));
    }

    /**
     * @param iterable<string> $bytes
     */
    private static function hear(iterable $bytes): HeardTake
    {
        return Ear::hear(WavReader::open($bytes));
    }

    private static function jumped(string $pattern, float $cadence, JumperFault $fault, float $seconds = 10.0): Take
    {
        return SimulatedJumper::jump(Pattern::parse($pattern), Rate::perMinute($cadence), $seconds, 0.02, $fault, 17);
    }

    /**
     * @param list<float> $expected
     * @param list<float> $found
     */
    private static function assertTimes(array $expected, array $found): void
    {
        self::assertCount(\count($expected), $found);
        foreach ($expected as $i => $at) {
            self::assertEqualsWithDelta($at, $found[$i], self::WINDOW_S);
        }
    }
}
