<?php

declare(strict_types=1);

namespace Zumbo\Core\Sets\Interval;

/**
 * A part of an interval programme: work and rest, a pause, or several parts so many times.
 */
interface IntervalPart
{
    /**
     * All its phases; a rest after the last work is still there.
     *
     * @param int $round the number of its first round
     *
     * @return list<ClockPhase>
     */
    public function phasesFrom(int $round): array;

    /** How many rounds it counts. */
    public function rounds(): int;

    /** How often one works. */
    public function works(): int;

    /** As the text form writes it. */
    public function text(): string;
}
