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
    private const MOST_CONTACT = 0.6;

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
            if ($step instanceof Rest) {
                $beats[] = new Beat(null, $at, [], $at += $step->seconds);
                continue;
            }
            $length = $period * $step->beats();
            $beats[] = new Beat($step, $at, self::turns($step->passes(), $at, $length), $at + $length);
            $at += $length;
        }

        return $beats;
    }

    /**
     * @return list<float>
     */
    private static function turns(int $passes, float $at, float $length): array
    {
        $contact = min(self::CONTACT_S, self::MOST_CONTACT * $length);
        $turns = [];
        for ($i = 0; $i < $passes; ++$i) {
            $turns[] = $at + $contact + ($length - $contact) * ($i + 0.5) / $passes;
        }

        return $turns;
    }
}
