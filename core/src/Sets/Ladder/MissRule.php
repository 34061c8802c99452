<?php

declare(strict_types=1);

namespace Zumbo\Core\Sets\Ladder;

/**
 * What a miss means on a ladder; chosen once, before the start.
 */
enum MissRule: string
{
    /** The rung is tried again until it is made. */
    case Repeat = 'repeat';
    /** One rung back, the first one stays. */
    case StepDown = 'step-down';
    /** On with the next rung: each is tried once. */
    case CarryOn = 'carry-on';

    /**
     * How often each rung is begun, and how many breaks lie between, for one time through the ladder.
     *
     * Step down is a birth-and-death chain: from rung i one goes up with P_i, down with 1 − P_i. Every rung is left
     * upwards once more often than one comes down to it, so u_i = 1 + d_{i+1}, goes_i = u_i / P_i, d_i = goes_i (1 − P_i)
     * from the top rung down.
     *
     * @param list<float> $chances of each rung at one go
     *
     * @return array{goes: list<float>, breaks: float} infinite where a rung can't be made
     */
    public function goes(array $chances): array
    {
        $rungs = \count($chances);
        if (self::CarryOn === $this) {
            return ['goes' => array_fill(0, $rungs, 1.0), 'breaks' => $rungs - 1.0];
        }
        $goes = [];
        $down = 0.0;
        $breaks = -1.0;
        for ($rung = $rungs - 1; $rung >= 0; --$rung) {
            $up = 1 + $down;
            $begun = 0.0 === $chances[$rung] ? \INF : $up / $chances[$rung];
            array_unshift($goes, $begun);
            $down = self::StepDown === $this ? $begun * (1 - $chances[$rung]) : 0.0;
            $breaks += $up;
        }

        return ['goes' => $goes, 'breaks' => $breaks];
    }
}
