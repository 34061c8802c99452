<?php

declare(strict_types=1);

namespace Zumbo\Core\Sound;

use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Rhythm\Take;

/**
 * What the ear made of a recording, and how sure it is. Below the limit it shows what it heard and counts nothing.
 */
final readonly class HeardTake
{
    /**
     * The jumper must stand so far above the rest; found on takes of the synthesiser at -5 to 20 dB and on mixes of
     * two.
     */
    private const LEAST_MARGIN = 1.2;
    /** Of the turns, so many may be neither loud enough to be the rope nor soft enough to be something else. */
    private const MOST_DOUBT = 0.3;
    private const LEAST_LANDINGS = 3;
    private const MOST_PASSES = 3;
    /** Of the jumps at least so many must be such as people make. */
    private const LEAST_LIKELY = 0.85;

    private function __construct(
        public Take $take,
        public float $seconds,
        /** From 0 to 1. */
        public float $confidence,
        public bool $counts,
        public Verdict $verdict,
        public WaveOutline $wave,
    ) {
    }

    /**
     * @param float $margin how far the jumper stands above the rest; 1 is not at all
     * @param float $doubt  the share of turns that may be something else
     */
    public static function of(Take $take, float $margin, float $doubt, float $seconds, WaveOutline $wave): self
    {
        $landings = \count($take->landingsS);
        $likely = self::likely($take);
        $confidence = max(0.0, min(1.0, ($margin - 1) / 2)) * max(0.0, 1 - $doubt) * $likely;
        $verdict = match (true) {
            $landings < self::LEAST_LANDINGS => Verdict::of('sound.nothing', ['landings' => $landings]),
            $margin < self::LEAST_MARGIN || $doubt > self::MOST_DOUBT => Verdict::of('sound.noisy', []),
            $likely < self::LEAST_LIKELY => Verdict::of('sound.unlikely', ['percent' => 100 * (1 - $likely)]),
            default => Verdict::of('sound.clear', ['turns' => \count($take->turnsS), 'landings' => $landings]),
        };

        return new self($take, $seconds, $confidence, 'sound.clear' === $verdict->code, $verdict, $wave);
    }

    /** The share of jumps with as many passes as people make, on a beat that people jump. */
    private static function likely(Take $take): float
    {
        $passes = $take->passes();
        if ([] === $passes) {
            return 0.0;
        }
        $good = 0;
        foreach ($passes as $i => $count) {
            $before = $passes[$i - 1] ?? 1;
            $good += $count <= self::MOST_PASSES && !(0 === $count && 0 === $before) ? 1 : 0;
        }

        return $good / \count($passes);
    }
}
