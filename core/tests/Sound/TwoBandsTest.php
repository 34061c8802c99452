<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Sound;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Zumbo\Core\Sound\TwoBands;

/**
 * What each band lets through, by pure tones.
 */
final class TwoBandsTest extends TestCase
{
    #[DataProvider('rates')]
    public function testTheTickIsHeardAboveAndTheThudBelow(int $rate, float $tickHz): void
    {
        [$tick, $nothing] = self::loudness($rate, $tickHz);
        [$hardly, $thud] = self::loudness($rate, 80.0);
        self::assertGreaterThan(0.3, $tick, 'a tone of the rope passes');
        self::assertLessThan(0.01 * $tick, $hardly, 'a tone of the feet is 40 dB down there');
        self::assertGreaterThan(0.3, $thud, 'a tone of the feet passes');
        self::assertLessThan(0.01 * $thud, $nothing, 'a tone of the rope is 40 dB down there');
    }

    /**
     * @return iterable<string, array{int, float}>
     */
    public static function rates(): iterable
    {
        yield '16 kHz' => [16_000, 4000.0];
        yield '22 kHz' => [22_050, 5000.0];
        yield '44 kHz' => [44_100, 5000.0];
        yield '48 kHz' => [48_000, 5000.0];
        yield '96 kHz' => [96_000, 5000.0];
    }

    public function testVoicesAndMusicPassNeither(): void
    {
        [$tick] = self::loudness(44_100, 5000.0);
        [, $thud] = self::loudness(44_100, 80.0);
        foreach ([300.0, 440.0, 600.0] as $hertz) {
            [$above, $below] = self::loudness(44_100, $hertz);
            self::assertLessThan(0.06 * $tick, $above, "$hertz Hz");
            self::assertLessThan(0.15 * $thud, $below, "$hertz Hz");
        }
    }

    public function testItIsTheSameInPieces(): void
    {
        $tone = self::tone(44_100, 5000.0, 8820);
        $whole = (new TwoBands(44_100, 1, 1.0))->feed($tone);
        $bands = new TwoBands(44_100, 1, 1.0);
        $parts = [];
        foreach (array_chunk($tone, 1470) as $piece) {
            $parts = [...$parts, ...$bands->feed($piece)];
        }
        self::assertEqualsWithDelta($whole, $parts, 1e-12);
        self::assertEqualsWithDelta(0.2, $bands->heardS(), 0.006);
    }

    /**
     * @return array{float, float} tick and thud of a loud tone, when the filters have settled
     */
    private static function loudness(int $rate, float $hertz): array
    {
        $heard = (new TwoBands($rate, 1, 1.0))->feed(self::tone($rate, $hertz, $rate));
        $last = \array_slice($heard, -50);

        return [array_sum(array_column($last, 0)) / 50, array_sum(array_column($last, 1)) / 50];
    }

    /**
     * @return list<float>
     */
    private static function tone(int $rate, float $hertz, int $count): array
    {
        $samples = [];
        for ($i = 0; $i < $count; ++$i) {
            $samples[] = sin((2 * \M_PI * $hertz * $i) / $rate);
        }

        return $samples;
    }
}
