<?php

declare(strict_types=1);

namespace Zumbo\Core\Sound;

/**
 * The short sounds of the beat, made from damped waves.
 */
final class BeatSounds
{
    /**
     * A wave that dies away.
     *
     * @param float $tauS seconds to 1/e
     *
     * @return list<float> from -1 to 1
     */
    public static function damped(int $rate, float $hertz, float $tauS, float $seconds, float $attackS = 0.0005): array
    {
        $samples = [];
        for ($i = 0, $count = (int) ($seconds * $rate); $i < $count; ++$i) {
            $t = $i / $rate;
            $samples[] = sin(2 * \M_PI * $hertz * $t) * exp(-$t / $tauS) * (1 - exp(-$t / $attackS));
        }

        return $samples;
    }

    /**
     * A wood-like knock: the feet.
     *
     * @return list<float>
     */
    public static function landing(int $rate, float $hertz = 82, float $tauS = 0.04): array
    {
        return self::sum(
            self::damped($rate, $hertz, $tauS, 5 * $tauS, 0.002),
            self::damped($rate, 2.4 * $hertz, $tauS / 2, 3 * $tauS, 0.002),
            0.35,
        );
    }

    /**
     * A bright tick: the rope.
     *
     * @return list<float>
     */
    public static function turn(int $rate, float $hertz = 4300, float $tauS = 0.004): array
    {
        $high = min($hertz, 0.4 * $rate);

        return self::sum(
            self::damped($rate, $high, $tauS, 0.03),
            self::damped($rate, 0.79 * $high, 0.75 * $tauS, 0.03),
            0.6,
        );
    }

    /**
     * @param list<float> $one
     * @param list<float> $other
     *
     * @return list<float>
     */
    private static function sum(array $one, array $other, float $share): array
    {
        foreach ($other as $i => $sample) {
            if (isset($one[$i])) {
                $one[$i] += $share * $sample;
            }
        }

        return $one;
    }
}
