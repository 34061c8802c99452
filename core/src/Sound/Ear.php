<?php

declare(strict_types=1);

namespace Zumbo\Core\Sound;

use Zumbo\Core\Rhythm\Take;

/**
 * Hears a rope and two feet in a recording: one jumper, phone close by, no music. One pass, in constant memory.
 */
final class Ear
{
    public const LONGEST_S = 1800.0;
    /** Of the usual strength around, so much is still the jumper. */
    private const TICK_SHARE = 0.4;
    private const THUD_SHARE = 0.3;
    /** And so much of a landing that the beat misses. */
    private const FAINTEST = 0.06;
    /** A sole slaps: what ticks with a landing is no rope, which passes in the air. */
    private const SLAP_BEFORE_S = 0.025;
    private const SLAP_AFTER_S = 0.04;

    /**
     * @param (callable(float): void)|null $progress called with the seconds heard, now and then
     * @param float                        $longestS seconds that are heard at most
     *
     * @throws WavError when the file is cut off, too long, or holds no numbers
     */
    public static function hear(
        WavReader $wav,
        ?callable $progress = null,
        float $longestS = self::LONGEST_S,
    ): HeardTake {
        if ($wav->seconds() > $longestS + 1) {
            throw WavError::tooLong($longestS);
        }
        $bands = new TwoBands($wav->rate, $wav->channels, $wav->kind->full());
        $hop = $bands->hopS();
        $ticks = new OnsetPicker($hop, rise: 2, smooth: 2, apart: 9, least: 0.8);
        $thuds = new OnsetPicker($hop, rise: 4, smooth: 2, apart: 32, least: 0.8, earlier: $bands->thudDelayS());
        $wave = new WaveOutline($hop);
        $turns = $landings = [];
        foreach ($wav->pieces() as $samples) {
            foreach ($bands->feed($samples) as [$tick, $thud]) {
                array_push($turns, ...$ticks->push($tick));
                array_push($landings, ...$thuds->push($thud));
                $wave->push($tick, $thud);
            }
            // A file that was recorded as a stream does not know its length.
            if ($bands->heardS() > $longestS + 1) {
                throw WavError::tooLong($longestS);
            }
            if (null !== $progress) {
                $progress($bands->heardS());
            }
        }
        array_push($turns, ...$ticks->end());
        array_push($landings, ...$thuds->end());

        return self::judge($turns, $landings, $wave, $bands->heardS());
    }

    /**
     * @param list<Onset> $turns
     * @param list<Onset> $landings
     */
    private static function judge(array $turns, array $landings, WaveOutline $wave, float $seconds): HeardTake
    {
        $landed = OnsetChoice::of($landings, self::THUD_SHARE);
        $turned = OnsetChoice::of(self::withoutSlaps($turns, $landed->chosen), self::TICK_SHARE);
        $feet = MissedLandings::found($landings, $landed->chosen, $turned->chosen, self::FAINTEST);
        $times = static fn (Onset $onset): float => $onset->atS;

        return HeardTake::of(
            Take::of(array_map($times, self::withoutSlaps($turned->chosen, $feet)), array_map($times, $feet)),
            min($turned->margin, $landed->margin),
            $turned->doubt,
            $seconds,
            $wave,
        );
    }

    /**
     * @param list<Onset> $turns
     * @param list<Onset> $landings
     *
     * @return list<Onset>
     */
    private static function withoutSlaps(array $turns, array $landings): array
    {
        $next = 0;
        $kept = [];
        foreach ($turns as $turn) {
            while (isset($landings[$next]) && $landings[$next]->atS < $turn->atS - self::SLAP_AFTER_S) {
                ++$next;
            }
            if (!isset($landings[$next]) || $landings[$next]->atS > $turn->atS + self::SLAP_BEFORE_S) {
                $kept[] = $turn;
            }
        }

        return $kept;
    }
}
