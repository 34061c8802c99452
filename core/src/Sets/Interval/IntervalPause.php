<?php

declare(strict_types=1);

namespace Zumbo\Core\Sets\Interval;

/**
 * A rest between two parts; it takes the place of the rest before it.
 */
final readonly class IntervalPause implements IntervalPart
{
    public function __construct(public int $seconds)
    {
    }

    public function phasesFrom(int $round): array
    {
        return [new ClockPhase(PhaseKind::Rest, $this->seconds, max(1, $round - 1), null)];
    }

    public function rounds(): int
    {
        return 0;
    }

    public function works(): int
    {
        return 0;
    }

    public function text(): string
    {
        return 'rest '.ClockTime::written($this->seconds);
    }
}
