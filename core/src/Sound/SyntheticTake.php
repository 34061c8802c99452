<?php

declare(strict_types=1);

namespace Zumbo\Core\Sound;

use Zumbo\Core\Numeric\Draws;
use Zumbo\Core\Rhythm\Take;

/**
 * A recording made from a known take: knocks, ticks, echoes, and a hall's noise. Invented sound, for tests and
 * demonstration; the same seed makes the same file.
 */
final readonly class SyntheticTake
{
    /** Ticks and knocks differ in loudness by up to that share. */
    private const SPREAD = 0.3;
    private const TURN_GAIN = 0.3;
    private const LANDING_GAIN = 0.55;
    private const AFTER_S = 0.8;
    private const FEET_APART_S = 0.012;
    /** Two walls. */
    private const ECHOES_S = [0.037, 0.061];

    private function __construct(
        public Take $truth,
        public int $rate,
        public int $count,
        private float $noiseDb,
        private float $echo,
        private int $seed,
    ) {
    }

    /**
     * @param float $noiseDb signal over noise, mean power over the whole take, decibels from 0 to 60
     * @param float $echo    how loud the first reflection is beside the sound, from 0 to 0.7
     */
    public static function of(Take $truth, float $noiseDb, float $echo, int $seed, int $rate = 44_100): self
    {
        $last = max([0.0, ...\array_slice($truth->landingsS, -1), ...\array_slice($truth->turnsS, -1)]);

        return new self($truth, $rate, (int) (($last + self::AFTER_S) * $rate), $noiseDb, $echo, $seed);
    }

    /**
     * @return iterable<string> a WAV file, 16 bit, one channel
     */
    public function wav(): iterable
    {
        $sounds = $this->sounds();
        $chance = new Draws($this->seed + 1);
        $level = sqrt(3 * self::power($sounds, $this->count)) * 10 ** (-$this->noiseDb / 20);
        $slow = 0.0;
        // Half hiss, half rumble: what a hall sounds like.
        $ground = static function (int $from, int $length) use ($chance, $level, &$slow): array {
            $noise = [];
            for ($i = 0; $i < $length; ++$i) {
                $draw = $chance->next() / 2_147_483_648 - 1;
                $slow = 0.97 * $slow + 0.2 * $draw;
                $noise[] = $level * 0.72 * ($draw + $slow);
            }

            return $noise;
        };

        return WavWriter::pcm16(
            $this->rate,
            SoundMix::pieces($this->rate, $this->count, $sounds, $ground),
            $this->count,
        );
    }

    /**
     * @return list<PlacedSound>
     */
    private function sounds(): array
    {
        $chance = new Draws($this->seed);
        // Every hall, rope and shoe sounds different.
        $tick = BeatSounds::turn($this->rate, $chance->between(3000, 5600), $chance->between(0.0015, 0.005));
        $knock = BeatSounds::landing($this->rate, $chance->between(52, 115), $chance->between(0.022, 0.065));
        $sounds = [];
        foreach ($this->truth->turnsS as $at) {
            $this->place($sounds, $at, $tick, self::TURN_GAIN * $chance->between(1 - self::SPREAD, 1 + self::SPREAD));
        }
        foreach ($this->truth->landingsS as $at) {
            $gain = (self::LANDING_GAIN * $chance->between(1 - self::SPREAD, 1 + self::SPREAD)) / 2;
            // Two feet seldom land as one.
            $this->place($sounds, $at, $knock, $gain);
            $this->place($sounds, $at + $chance->between(0, self::FEET_APART_S), $knock, $gain);
        }

        return $sounds;
    }

    /**
     * A sound and its echoes.
     *
     * @param list<PlacedSound> $sounds
     * @param list<float>       $samples
     */
    private function place(array &$sounds, float $atS, array $samples, float $gain): void
    {
        $sounds[] = new PlacedSound($atS, $samples, $gain);
        foreach ($this->echo > 0 ? self::ECHOES_S : [] as $i => $later) {
            $sounds[] = new PlacedSound($atS + $later, $samples, ($gain * $this->echo) / (1 + $i));
        }
    }

    /**
     * @param list<PlacedSound> $sounds
     */
    private static function power(array $sounds, int $count): float
    {
        $energy = 0.0;
        $known = [];
        foreach ($sounds as $sound) {
            // Few different sounds, many places: each is summed once.
            $key = \count($sound->samples);
            $known[$key] ??= array_sum(
                array_map(static fn (float $sample): float => $sample * $sample, $sound->samples),
            );
            $energy += $sound->gain ** 2 * $known[$key];
        }

        return $energy / max(1, $count);
    }
}
