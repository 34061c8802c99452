<?php

declare(strict_types=1);

namespace Zumbo\Core\Plan\Practice;

use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Drill\Drill;
use Zumbo\Core\Sets\Ladder\LadderPace;

/**
 * What a set of a drill aims at for one athlete: as many as they make about 85 times in 100, and never more than the drill asks.
 */
final readonly class SetAim
{
    /** Fewer than so many are no streak. */
    private const LEAST = 3;

    private function __construct(
        public int $reps,
        /** Of making so many without a miss; null: it is not known. */
        public ?float $chance,
    ) {
    }

    public static function of(Drill $drill, ?LadderPace $pace): self
    {
        if (CountKind::Streak !== $drill->countKind || null === $pace || $drill->aim <= self::LEAST) {
            return new self($drill->aim, null);
        }
        $hazard = $drill->pattern->turns() > $drill->pattern->jumps() ? $pace->doubles : $pace->singles;
        $chances = [];
        $survival = 1.0;
        foreach ($hazard->first($drill->aim) as $i => $miss) {
            $survival *= 1 - $miss;
            $chances[$i + 1] = $survival;
        }
        $reps = self::LEAST;
        foreach ($chances as $count => $chance) {
            if ($chance >= PlanWeights::AIM) {
                $reps = max($reps, $count);
            }
        }
        $friendly = max(self::LEAST, self::friendly($reps, $drill->aim));

        return new self($friendly, $chances[$friendly]);
    }

    /** By how many tenths it is too hard. */
    public function tenthsTooHard(): float
    {
        return null === $this->chance ? 0.0 : 10 * max(0.0, PlanWeights::AIM - $this->chance);
    }

    /** A number that one can call across a hall. */
    private static function friendly(int $reps, int $aim): int
    {
        return match (true) {
            $reps >= $aim => $aim,
            $reps >= 50 => 10 * intdiv($reps, 10),
            $reps >= 10 => 5 * intdiv($reps, 5),
            default => $reps,
        };
    }
}
