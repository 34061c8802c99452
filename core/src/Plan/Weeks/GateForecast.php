<?php

declare(strict_types=1);

namespace Zumbo\Core\Plan\Weeks;

use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Numeric\Draws;
use Zumbo\Core\Path\Gate;
use Zumbo\Core\Path\GateChance;
use Zumbo\Core\Path\GateOutlook;
use Zumbo\Core\Path\SessionSum;

/**
 * When a gate may open at so many practices a week: a thousand simulated continuations of the athlete's own pace.
 *
 * The range holds eight of ten continuations; one that is wider than eight weeks says nothing. Practices that are further apart
 * are taken to teach as much each: what is forgotten in between is not modelled, and it is said.
 */
final readonly class GateForecast
{
    public const RUNS = 1000;
    public const WIDEST_WEEKS = 8.0;
    private const LEAST_SESSIONS = 3;
    private const HORIZON_WEEKS = 52;

    private function __construct(
        /** Weeks from now; null: not within a year. */
        public ?float $earliestWeeks,
        public ?float $middleWeeks,
        public ?float $latestWeeks,
        public int $sessions,
        public float $practicesAWeek,
    ) {
    }

    /**
     * @param list<SessionSum> $sessions the newest last, as the gate counts
     *
     * @throws OutOfRange when the practices a week are not from above 0 to 14
     */
    public static function of(Gate $gate, array $sessions, float $practicesAWeek, int $seed = 1): self
    {
        if (!($practicesAWeek > 0.0 && $practicesAWeek <= 14.0)) {
            throw OutOfRange::of('practices a week', (string) $practicesAWeek, 'above 0, at most 14');
        }
        $trend = OddsTrend::of($sessions);
        $needed = self::oddsNeeded($gate);
        $draws = new Draws($seed);
        $found = [];
        for ($run = 0; $run < self::RUNS; ++$run) {
            [$level, $slope] = $trend->drawn($draws->normal(), $draws->normal());
            $practices = match (true) {
                $level >= $needed => 1.0,
                $slope <= 0.0 => \INF,
                default => max(1.0, ceil(($needed - $level) / $slope)),
            };
            $found[] = $practices / $practicesAWeek;
        }
        sort($found);
        $at = static function (float $share) use ($found): ?float {
            $weeks = $found[(int) floor($share * (self::RUNS - 1))];

            return $weeks <= self::HORIZON_WEEKS ? $weeks : null;
        };

        return new self($at(0.1), $at(0.5), $at(0.9), \count($sessions), $practicesAWeek);
    }

    /** Whether it says anything: at least three practices, and a range of at most eight weeks. */
    public function isKnown(): bool
    {
        return $this->sessions >= self::LEAST_SESSIONS && null !== $this->earliestWeeks && null !== $this->latestWeeks
            && $this->latestWeeks - $this->earliestWeeks <= self::WIDEST_WEEKS;
    }

    public function verdict(): Verdict
    {
        $values = ['sessions' => $this->sessions, 'per_week' => (int) round($this->practicesAWeek)];

        return match (true) {
            $this->sessions < self::LEAST_SESSIONS => Verdict::of('plan.gate_too_few', [
                'sessions' => $this->sessions,
                'least' => self::LEAST_SESSIONS,
            ]),
            $this->isKnown() => Verdict::of('plan.gate_between', [
                ...$values,
                'from_weeks' => (int) floor((float) $this->earliestWeeks),
                'to_weeks' => (int) ceil((float) $this->latestWeeks),
            ]),
            null === $this->earliestWeeks => Verdict::of('plan.gate_not_in_sight', $values),
            default => Verdict::of('plan.gate_unknown', [...$values, 'from_weeks' => (int) floor($this->earliestWeeks)]),
        };
    }

    /** The log-odds of a rep at which the gate is open. */
    private static function oddsNeeded(Gate $gate): float
    {
        [$low, $high] = [-10.0, 20.0];
        for ($step = 0; $step < 60; ++$step) {
            $middle = ($low + $high) / 2;
            $open = GateChance::at($gate, $gate->count, 1 / (1 + exp(-$middle))) >= GateOutlook::OPEN_FROM;
            [$low, $high] = $open ? [$low, $middle] : [$middle, $high];
        }

        return $high;
    }
}
