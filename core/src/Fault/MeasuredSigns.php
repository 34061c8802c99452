<?php

declare(strict_types=1);

namespace Zumbo\Core\Fault;

use Zumbo\Core\Jump\FrameCount;
use Zumbo\Core\Rhythm\Evenness;
use Zumbo\Core\Rhythm\RhythmReport;

/**
 * What numbers from a take, frames or a jump say of signs: clearly there, clearly fine, or nothing in between.
 *
 * Evenness by its own limits; the others are our assumption, from common practice: 0.18 s on the floor is usual, one
 * landing a turn, a beat that keeps its speed.
 */
final class MeasuredSigns
{
    /** name → [sign, fine up to, there from], in the unit of the name */
    private const LIMITS = [
        'contact_s' => [Sign::LongContact, 0.20, 0.25],
        'landings_per_turn' => [Sign::TwoLandings, 1.1, 1.5],
        'drift' => [Sign::BeatSpeedsUp, 4.0, 12.0],
        'faster_share' => [Sign::BeatSpeedsUp, 0.02, 0.06],
        'jump_m' => [Sign::HeadBobs, 0.2, 0.27],
        'singles_jump_m' => [Sign::JumpsHighInSingles, 0.08, 0.15],
        'late_s' => [Sign::LateHands, 0.0, 0.015],
        'early_s' => [Sign::WhirrBeforeTakeOff, 0.0, 0.03],
    ];

    /**
     * @param array<string, float> $numbers by name: those of LIMITS (`drift` in jumps a minute, more each minute; a share from
     *                                      first to last in `faster_share`), `interval_cv`, `cadence_per_min` of singles,
     *                                      `double_bounces` among `turns`
     */
    public static function of(array $numbers): Observed
    {
        $seen = $fine = [];
        if (isset($numbers['double_bounces'], $numbers['turns']) && $numbers['turns'] > 0) {
            $numbers += ['landings_per_turn' => 1 + $numbers['double_bounces'] / $numbers['turns']];
        }
        foreach (self::LIMITS as $name => [$sign, $most, $from]) {
            $number = $numbers[$name] ?? null;
            if (null !== $number && $number >= $from) {
                $seen[] = $sign;
            } elseif (null !== $number && $number <= $most) {
                $fine[] = $sign;
            }
        }
        [$more, $less] = [self::evenness($numbers['interval_cv'] ?? null), self::pace($numbers['cadence_per_min'] ?? null)];

        return Observed::of([...$seen, ...$more->seen, ...$less->seen], [...$fine, ...$more->fine, ...$less->fine]);
    }

    /** What a take says: how even the beat was, where it went, how often each turn was landed. */
    public static function ofTake(RhythmReport $report): Observed
    {
        $numbers = [];
        $held = $report->held;
        if (null !== $held) {
            $numbers['interval_cv'] = $held->scatter();
            if (null !== $held->fromTo) {
                $numbers['faster_share'] = ($held->fromTo[1] - $held->fromTo[0]) / $held->fromTo[0];
            }
        }
        $numbers['double_bounces'] = (float) \count($report->bounces);
        $numbers['turns'] = (float) $report->turns;

        return self::of(array_filter($numbers, static fn (?float $number): bool => null !== $number));
    }

    /** What four frames of a double say: whether the first pass came in its window. */
    public static function ofFrames(FrameCount $frames): Observed
    {
        [$from, $to] = $frames->windowS;

        return self::of([
            'late_s' => $frames->firstPassAfterS - $to,
            'early_s' => $from - $frames->firstPassAfterS,
        ]);
    }

    /**
     * @return non-empty-list<string>
     */
    public static function names(): array
    {
        return [...array_keys(self::LIMITS), 'interval_cv', 'cadence_per_min', 'double_bounces', 'turns'];
    }

    private static function evenness(?float $variation): Observed
    {
        return match (null === $variation ? Evenness::Watch : Evenness::ofVariation($variation)) {
            Evenness::Uneven => Observed::of([Sign::UnevenBeat]),
            Evenness::Even => Observed::of([], [Sign::UnevenBeat]),
            Evenness::Watch => Observed::of([]),
        };
    }

    /** Calm singles lie around a hundred a minute (common practice). */
    private static function pace(?float $perMinute): Observed
    {
        return match (true) {
            null === $perMinute => Observed::of([]),
            $perMinute < 80 => Observed::of([Sign::SlowBeat]),
            $perMinute >= 95 => Observed::of([], [Sign::SlowBeat]),
            default => Observed::of([]),
        };
    }
}
