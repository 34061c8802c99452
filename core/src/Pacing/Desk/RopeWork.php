<?php

declare(strict_types=1);

namespace Zumbo\Core\Pacing\Desk;

use Zumbo\Core\Numeric\Effort;
use Zumbo\Core\Numeric\TooMuchWork;
use Zumbo\Core\Pacing\LossDistribution;
use Zumbo\Core\Pacing\LossGrid;
use Zumbo\Core\Pacing\SetPlan;
use Zumbo\Core\Pacing\Workout\Station;
use Zumbo\Core\Pacing\Workout\StationKind;
use Zumbo\Core\Pacing\Workout\Workout;

/**
 * What the rope of one athlete costs at each station. The same question, as it comes again round by round, is worked out once.
 */
final class RopeWork
{
    /** A station for legs, shoulders or running raises the chance of a miss of the doubles after it (our assumption). */
    public const AFTER_TIRING = 1.1;

    /** Whoever misses nine of ten stops trying (our assumption). */
    private const MOST_MISSES = 0.9;

    /** @var array<string, SetPlan> */
    private array $plans = [];

    /** @var array<string, non-empty-list<LossDistribution>> one for each multiple of the doubt */
    private array $losses = [];

    private readonly LossGrid $grid;
    private readonly HazardDoubt $doubt;

    public function __construct(public readonly Jumper $jumper, private readonly Effort $effort = new Effort())
    {
        // Who does not tire is never told to break: a step is a miss, and there are few of them.
        $this->grid = LossGrid::of(
            SetPlan::isEven($jumper->hazard->first(Workout::MOST_REPS)) ? 0.0 : $jumper->breakCostS,
            $jumper->missCostS,
        );
        $this->doubt = $jumper->doubt ?? HazardDoubt::none();
    }

    /** By how much a double misses more often than a fresh one, in a round (from 0) after so many stations that tire. */
    public function tiredness(int $round, int $tiring): float
    {
        return (1 + $this->jumper->fatiguePerRound) ** $round * self::AFTER_TIRING ** $tiring;
    }

    /**
     * The best plan of a station; null: it is none of the rope, or asks for tries.
     *
     * @throws TooMuchWork when the effort does not suffice
     */
    public function plan(Station $station, float $tiredness): ?SetPlan
    {
        if ($station->reps < 1 || !\in_array($station->kind, [StationKind::Doubles, StationKind::Singles], true)) {
            return null;
        }

        $key = self::key($station, $tiredness);
        if (!isset($this->plans[$key])) {
            $this->effort->spend(intdiv($station->reps ** 2, 2));
            $this->plans[$key] = SetPlan::best(
                $station->reps,
                $this->hazard($station, $tiredness),
                $this->jumper->missCostS,
                $this->jumper->breakCostS,
            );
        }

        return $this->plans[$key];
    }

    /** Seconds of the station without a miss or a break. */
    public function workS(Station $station): float
    {
        return match ($station->kind) {
            StationKind::Doubles => $station->reps / $this->jumper->doublesPerS,
            StationKind::Singles => $station->reps / $this->jumper->singlesPerS,
            default => $station->seconds,
        };
    }

    /**
     * @return non-empty-list<LossDistribution> one for each multiple of the doubt
     *
     * @throws TooMuchWork when the effort does not suffice
     */
    public function losses(Station $station, float $tiredness): array
    {
        $plan = $this->plan($station, $tiredness);
        if (null === $plan) {
            return $this->nothing();
        }

        return $this->losses[self::key($station, $tiredness)] ??= $station->isDoubles()
            ? array_map(
                fn (float $multiple): LossDistribution => $this->loss($plan, $this->hazard($station, $tiredness, $multiple)),
                $this->doubt->multiples,
            )
            // Singles are known well enough.
            : array_fill(0, \count($this->doubt->multiples), $this->loss($plan, $this->hazard($station, $tiredness)));
    }

    /**
     * @param list<float> $hazard
     */
    private function loss(SetPlan $plan, array $hazard): LossDistribution
    {
        return $plan->distributionUnder($hazard, $this->effort, $this->grid);
    }

    /**
     * One station after the other, each multiple of the doubt with itself: who misses more often does so all evening.
     *
     * @param non-empty-list<LossDistribution> $some
     * @param non-empty-list<LossDistribution> $more
     *
     * @return non-empty-list<LossDistribution>
     */
    public function after(array $some, array $more): array
    {
        return array_map(
            fn (LossDistribution $one, LossDistribution $other): LossDistribution => $one->then($other, $this->effort),
            $some,
            $more,
        );
    }

    /**
     * @return non-empty-list<LossDistribution>
     */
    public function nothing(): array
    {
        return array_map(fn (): LossDistribution => LossDistribution::none($this->grid), $this->doubt->multiples);
    }

    /**
     * @return list<float>
     */
    private function hazard(Station $station, float $tiredness, float $multiple = 1.0): array
    {
        return $station->isDoubles()
            ? array_map(
                static fn (float $q): float => min(self::MOST_MISSES, $q),
                $this->jumper->hazard->times($tiredness * $multiple)->first($station->reps),
            )
            : $this->jumper->singles()->first($station->reps);
    }

    private static function key(Station $station, float $tiredness): string
    {
        return \sprintf('%s %d %.9f', $station->kind->value, $station->reps, $station->isDoubles() ? $tiredness : 1.0);
    }
}
