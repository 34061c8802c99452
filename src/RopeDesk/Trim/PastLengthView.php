<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Trim;

use Zumbo\App\Platform\Clock\LocalDay;
use Zumbo\App\Shared\Today\LengthPeriod;
use Zumbo\Core\Gear\TrimOutcome;

/**
 * A length an athlete jumped with, since when, and how it went.
 */
final readonly class PastLengthView
{
    private function __construct(
        public string $ropeId,
        /** Local day, like 2026-11-24. */
        public string $since,
        public float $cableLengthM,
        /** Why it was not the computed one; empty when it was. */
        public string $reason,
        /** Entries logged with it at the present stage. */
        public int $entries,
        /** Misses in 100 tries; null: nothing was logged with it. */
        public ?float $missesPer100,
    ) {
    }

    public static function of(LengthPeriod $period, string $timeZone): self
    {
        [$tries, $misses] = $period->triesWhere();

        return new self(
            $period->rope->id()->toRfc4122(),
            LocalDay::of($period->rope->createdAt(), $timeZone)->format('Y-m-d'),
            $period->rope->spec()->cableLengthM,
            $period->rope->spec()->overrideReason,
            \count($period->counted),
            0 === $tries ? null : (TrimOutcome::PER_TRIES * $misses) / $tries,
        );
    }
}
