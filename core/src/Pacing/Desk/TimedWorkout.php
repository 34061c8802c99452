<?php

declare(strict_types=1);

namespace Zumbo\Core\Pacing\Desk;

use Zumbo\Core\Numeric\Effort;
use Zumbo\Core\Numeric\TooMuchWork;
use Zumbo\Core\Pacing\LossDistribution;
use Zumbo\Core\Pacing\Workout\StationKind;
use Zumbo\Core\Pacing\Workout\Workout;
use Zumbo\Core\Pacing\Workout\WorkoutForm;

/**
 * A workout as it goes for one athlete: each station, the time of all with its band, and what the rope asks.
 *
 * Of as many rounds as fit it is what fits; at every minute, each minute stands for itself; of intervals, as many doubles as come.
 */
final readonly class TimedWorkout
{
    /** Of the jumping's own time, and of what a miss or a break costs, as shares (our assumption). */
    private const REP_SPREAD = 0.03;
    private const COST_SPREAD = 0.35;

    /**
     * @param list<StationTime> $stations      in order
     * @param list<float>|null  $chanceMinutes of each round at the minute, that it is done before the next one; null: none
     */
    private function __construct(
        public Workout $workout,
        public array $stations,
        public float $fixedS,
        public float $expectedS,
        /** Of what misses and breaks cost; null: the clock ends it, not the athlete. */
        private ?LossDistribution $loss,
        private Jumper $jumper,
        public ?array $chanceMinutes,
        /** Of as many as fit; null: their number is given. */
        public ?RoundsThatFit $fit,
        /** On average. */
        public float $doubles,
        public float $misses,
        public int $singles,
        private float $stuck,
    ) {
    }

    /** @throws TooMuchWork when it would take longer than anybody waits */
    public static function of(Workout $workout, Jumper $jumper, Effort $effort = new Effort()): self
    {
        $rope = new RopeWork($jumper, $effort);
        $workout = WorkoutForm::Intervals === $workout->form ? AsManyAsCome::filled($workout, $rope) : $workout;
        $stations = self::stations($workout, $rope);
        $loss = WorkoutForm::ForTime === $workout->form ? self::lossOf($stations, $rope) : null;
        $fit = WorkoutForm::ManyRounds === $workout->form ? RoundsThatFit::of($workout, $rope) : null;
        $reps = static fn (StationKind $kind): float => array_sum(array_map(
            static fn (StationTime $one): int => $one->station->kind === $kind ? $one->station->reps : 0,
            $stations,
        ));
        $times = $fit->expected ?? 1.0;
        $tries = self::tries($stations, $jumper);
        $minutes = WorkoutForm::EveryMinutes === $workout->form ? self::minutes($workout, $stations, $rope) : null;

        return new self(
            $workout,
            $stations,
            $workout->fixedS(),
            self::expected($workout, $stations),
            $loss,
            $jumper,
            $minutes,
            $fit,
            $times * $reps(StationKind::Doubles) + $tries,
            $times * self::missesOf($stations) + $tries * self::missesPerDouble($jumper),
            (int) round($times * $reps(StationKind::Singles)),
            null === $minutes ? self::stuck($stations, $loss ?? self::lossOf($stations, $rope)) : 1 - min(1.0, ...$minutes),
        );
    }

    /**
     * @return array{float, float} eight times in ten between these seconds
     */
    public function band(): array
    {
        if (null === $this->loss) {
            return [$this->expectedS, $this->expectedS];
        }
        $work = $this->workS();
        [$low, $high] = $this->jumper->doubt instanceof HazardDoubt ? $this->estimated() : $this->loss->quantiles([0.1, 0.9]);

        // Nobody is quicker than the rope without a miss, however little a forecast is worth.
        return [max($work + min(0.0, $low), $this->stretched($work + $low)), $this->stretched($work + $high)];
    }

    /** As far from what is expected as bands that held too seldom ask for. */
    private function stretched(float $seconds): float
    {
        return $this->expectedS + $this->jumper->wider * ($seconds - $this->expectedS);
    }

    /**
     * Of an estimated athlete nothing goes by the second: reps, misses and breaks take what they take.
     *
     * @return array{float, float}
     */
    private function estimated(): array
    {
        $own = max(0.1, self::REP_SPREAD * self::ropeS($this->stations));
        $cost = self::COST_SPREAD ** 2 * $this->jumper->missCostS;

        return array_map(fn (float $chance): float => $this->loss?->spreadQuantile($chance, $own, $cost) ?? 0.0, [0.1, 0.9]);
    }

    /** That it loses more to misses and breaks than the rope takes without them; at every minute: that a minute does not suffice. */
    public function chanceStuck(): float
    {
        return $this->stuck;
    }

    /** That it is over after so many seconds. */
    public function chanceWithin(float $seconds): float
    {
        if (null === $this->loss) {
            return (float) ($this->expectedS <= $seconds);
        }
        $asComputed = $this->expectedS + ($seconds - $this->expectedS) / $this->jumper->wider;

        return $this->loss->chanceWithin($asComputed - $this->workS());
    }

    /** Without a miss or a break. */
    public function workS(): float
    {
        return array_sum(array_map(static fn (StationTime $one): float => $one->workS, $this->stations));
    }

    /** Landings of the feet: one for each jump, and a missed jump is one. */
    public function contacts(): int
    {
        return (int) round($this->doubles + $this->singles + $this->misses);
    }

    /** That no double of it is missed and no break taken. */
    public function chanceUnbroken(): float
    {
        return array_product(array_map(
            static fn (StationTime $one): float => null === $one->plan || !$one->station->isDoubles() ? 1.0 : $one->plan->chanceUnbroken(),
            $this->stations,
        ));
    }

    /**
     * @return list<StationTime>
     */
    private static function stations(Workout $workout, RopeWork $rope): array
    {
        $all = [];
        foreach ($workout->rounds() as $round => $stations) {
            $tiring = 0;
            foreach ($stations as $station) {
                $tired = $rope->tiredness($round, $tiring);
                $all[] = new StationTime($round, $station, $tired, $rope->plan($station, $tired), $rope->workS($station));
                $tiring += (int) $station->tires;
            }
        }

        return $all;
    }

    /**
     * @param list<StationTime> $stations
     */
    private static function lossOf(array $stations, RopeWork $rope): LossDistribution
    {
        $sum = $rope->nothing();
        foreach ($stations as $one) {
            if (null !== $one->plan) {
                $sum = $rope->after($sum, $rope->losses($one->station, $one->tiredness));
            }
        }

        return LossDistribution::mixed($sum);
    }

    /**
     * @param list<StationTime> $stations
     */
    private static function expected(Workout $workout, array $stations): float
    {
        $rounds = \count($workout->rounds());

        return match ($workout->form) {
            WorkoutForm::ManyRounds => (float) $workout->windowS,
            WorkoutForm::EveryMinutes => (float) ($workout->windowS * $rounds),
            WorkoutForm::Intervals => (float) ($workout->windowS * $rounds + $workout->betweenS * ($rounds - 1)),
            WorkoutForm::ForTime => array_sum(array_map(static fn (StationTime $one): float => $one->expectedS(), $stations)),
        };
    }

    /**
     * @param list<StationTime> $stations
     *
     * @return list<float>
     */
    private static function minutes(Workout $workout, array $stations, RopeWork $rope): array
    {
        $chances = [];
        foreach (array_keys($workout->rounds()) as $round) {
            $here = array_values(array_filter($stations, static fn (StationTime $one): bool => $one->round === $round));
            $work = array_sum(array_map(static fn (StationTime $one): float => $one->workS, $here));
            $chances[] = self::lossOf($here, $rope)->chanceWithin($workout->windowS - $work);
        }

        return $chances;
    }

    /**
     * @param list<StationTime> $stations
     */
    private static function ropeS(array $stations): float
    {
        return array_sum(array_map(static fn (StationTime $one): float => null === $one->plan ? 0.0 : $one->workS, $stations));
    }

    /**
     * @param list<StationTime> $stations
     */
    private static function stuck(array $stations, LossDistribution $loss): float
    {
        $rope = self::ropeS($stations);

        return $rope > 0.0 ? 1 - $loss->chanceWithin($rope) : 0.0;
    }

    /**
     * @param list<StationTime> $stations
     */
    private static function missesOf(array $stations): float
    {
        return array_sum(array_map(static fn (StationTime $one): float => $one->plan?->expectedMisses() ?? 0.0, $stations));
    }

    /**
     * @param list<StationTime> $stations
     */
    private static function tries(array $stations, Jumper $jumper): float
    {
        return array_sum(array_map(
            static fn (StationTime $one): float => StationKind::Tries === $one->station->kind ? $one->station->seconds : 0.0,
            $stations,
        )) / $jumper->secondsPerTry();
    }

    private static function missesPerDouble(Jumper $jumper): float
    {
        [$q] = $jumper->hazard->first(1);

        return $q / (1 - $q);
    }
}
