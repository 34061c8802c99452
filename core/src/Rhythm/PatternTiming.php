<?php

declare(strict_types=1);

namespace Zumbo\Core\Rhythm;

use Zumbo\Core\Measure\Rate;

/**
 * When feet and rope meet the floor in a pattern at a cadence.
 *
 * A jump lasts one beat: contact first, then flight; the passes of the rope share the flight evenly, so that the two
 * turns of a double lie inside the air and not on the halves of the beat. Contact 0.18 s (middle of the usual
 * 0.12–0.25 s, common practice), never more than 0.6 of the beat (our assumption for very fast beats).
 */
final class PatternTiming
{
    public const CONTACT_S = 0.18;
    public const MOST_CONTACT = 0.6;

    /**
     * @param Rate $cadence jumps a minute
     *
     * @return list<Beat>
     */
    public static function of(Pattern $pattern, Rate $cadence): array
    {
        $period = 60 / $cadence->countPerMinute();
        $beats = [];
        $at = 0.0;
        foreach ($pattern->steps() as $step) {
            array_push(
                $beats,
                ...match (true) {
                    $step instanceof Rest => [new Beat(null, $at, [], $at + $step->seconds)],
                    $step instanceof Work => self::worked($step, $at, $cadence),
                    default => [self::beat($step, $at, $period)],
                },
            );
            $at = $beats[\count($beats) - 1]->endS;
        }

        return $beats;
    }

    private static function beat(OneJump $jump, float $at, float $period): Beat
    {
        $length = $period * $jump->kind->beats();

        return new Beat(
            $jump->kind,
            $at,
            self::turns($jump->kind->passes(), $at, $length),
            $at + $length,
            $jump->footwork,
        );
    }

    /**
     * Over and over while a whole jump fits; what is left is a rest.
     *
     * @return non-empty-list<Beat>
     */
    private static function worked(Work $work, float $from, Rate $cadence): array
    {
        $end = $from + $work->seconds;
        $round = self::of($work->pattern, $cadence);
        $beats = [];
        for ($start = $from; $start < $end; $start = $beats[\count($beats) - 1]->endS) {
            foreach ($round as $beat) {
                if ($start + $beat->endS > $end + 1e-9) {
                    $last = [] === $beats ? $from : $beats[\count($beats) - 1]->endS;

                    return $last < $end - 1e-9 || [] === $beats ? [...$beats, new Beat(null, $last, [], $end)] : $beats;
                }
                $beats[] = $beat->later($start);
            }
        }

        return [] === $beats ? [new Beat(null, $from, [], $end)] : $beats;
    }

    /**
     * @return list<float>
     */
    private static function turns(int $passes, float $at, float $length): array
    {
        $contact = min(self::CONTACT_S, self::MOST_CONTACT * $length);
        $turns = [];
        for ($i = 0; $i < $passes; ++$i) {
            $turns[] = $at + $contact + (($length - $contact) * ($i + 0.5)) / $passes;
        }

        return $turns;
    }
}
