<?php

declare(strict_types=1);

namespace Zumbo\App\Demo;

use Zumbo\Core\Stage\Stage;
use Zumbo\Core\Streak\Hazard;

/**
 * What an invented athlete can really do, week by week: the log is drawn from it, and the tests ask whether the tool
 * finds it. Scales are those of the discrete Weibull curve: reps of a go, seconds of a hold, or tries.
 */
final readonly class HiddenTruth
{
    public const WEEKS = 13;

    /**
     * @param non-empty-array<int, array{Stage, float, float}> $stages  from which week on: stage, scale at its begin
     *                                                                  and at the end
     * @param array{int, int}|null                             $plateau weeks in which nothing gets better
     * @param list<int>                                        $missed  weeks away
     * @param array<int, float>                                $ropes   from which week on another rope multiplies the
     *                                                                  scale
     * @param float                                            $badDays share of days on which nothing goes right
     */
    public function __construct(
        private array $stages,
        private float $shape = 1.0,
        private ?array $plateau = null,
        private array $missed = [],
        private array $ropes = [],
        private float $badDays = 0.08,
    ) {
    }

    public function stageIn(int $week): ?Stage
    {
        return $this->part($week)[1] ?? null;
    }

    public function isAway(int $week): bool
    {
        return \in_array($week, $this->missed, true) || null === $this->stageIn($week);
    }

    public function badDays(): float
    {
        return $this->badDays;
    }

    /** @param float $day how good the day is: 1 as always */
    public function hazardIn(int $week, float $day): Hazard
    {
        [$from, , $first, $last, $until] =
            $this->part($week) ?? throw new \LogicException('nobody has a hazard before they came');
        $progressed = $week - $from - $this->stoodStill($from, $week);
        $share = min(1.0, $progressed / max(1, $until - $from - 1 - $this->stoodStill($from, $until - 1)));

        return Hazard::weibull(max(0.3, $first * ($last / $first) ** $share * $this->rope($week) * $day), $this->shape);
    }

    /**
     * @return array{int, Stage, float, float, int}|null from, stage, scales at both ends, until
     */
    private function part(int $week): ?array
    {
        $found = null;
        $begins = array_keys($this->stages);
        foreach ($begins as $i => $from) {
            if ($from <= $week) {
                [$stage, $first, $last] = $this->stages[$from];
                $found = [$from, $stage, $first, $last, $begins[$i + 1] ?? self::WEEKS];
            }
        }

        return $found;
    }

    private function stoodStill(int $from, int $week): int
    {
        if (null === $this->plateau) {
            return 0;
        }

        return max(0, min($week, $this->plateau[1]) - max($from, $this->plateau[0]));
    }

    private function rope(int $week): float
    {
        $factor = 1.0;
        foreach ($this->ropes as $from => $times) {
            $factor = $week >= $from ? $times : $factor;
        }

        return $factor;
    }
}
