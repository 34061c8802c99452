<?php

declare(strict_types=1);

namespace Zumbo\Core\Sound;

use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Measure\Rate;
use Zumbo\Core\Rhythm\Pattern;
use Zumbo\Core\Rhythm\PatternTiming;

/**
 * A pattern at a cadence as sound: a knock for each landing, a tick for each turn, where the core's timing puts them.
 */
final class ClickTrack
{
    public const RATE = 44_100;
    public const LONGEST_S = 600.0;
    private const LEAD_S = 0.5;
    private const LANDING_GAIN = 0.8;
    private const TURN_GAIN = 0.5;

    /**
     * @param Rate $cadence jumps a minute
     * @param int  $rounds  how often the pattern is played
     *
     * @return iterable<string> a WAV file, 16 bit, one channel
     *
     * @throws OutOfRange when it would last over ten minutes
     */
    public static function wav(Pattern $pattern, Rate $cadence, int $rounds): iterable
    {
        $beats = PatternTiming::of($pattern, $cadence);
        $length = [] === $beats ? 0.0 : $beats[\count($beats) - 1]->endS;
        $seconds = 2 * self::LEAD_S + $length * $rounds;
        if ($rounds < 1 || $seconds > self::LONGEST_S) {
            throw OutOfRange::of(
                'rounds',
                (string) $rounds,
                \sprintf('from 1, and at most %d minutes in all', (int) (self::LONGEST_S / 60)),
            );
        }
        $knock = BeatSounds::landing(self::RATE);
        $tick = BeatSounds::turn(self::RATE);
        $sounds = [new PlacedSound(self::LEAD_S, $knock, self::LANDING_GAIN)];
        for ($round = 0; $round < $rounds; ++$round) {
            foreach ($beats as $beat) {
                $from = self::LEAD_S + $round * $length;
                foreach ($beat->turnsS as $turn) {
                    $sounds[] = new PlacedSound($from + $turn, $tick, self::TURN_GAIN);
                }
                $sounds[] = new PlacedSound($from + $beat->endS, $knock, self::LANDING_GAIN);
            }
        }
        $count = (int) ceil($seconds * self::RATE);

        return WavWriter::pcm16(self::RATE, SoundMix::pieces(self::RATE, $count, $sounds), $count);
    }
}
