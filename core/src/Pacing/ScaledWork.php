<?php

declare(strict_types=1);

namespace Zumbo\Core\Pacing;

/**
 * What one way of scaling takes: time and its band, doubles practised, misses, contacts, and whether it holds unbroken.
 */
final readonly class ScaledWork
{
    /** A round of tries lasts so long (common practice, no published source). */
    public const TRIES_S = 60.0;

    private function __construct(
        public Scaling $scaling,
        public float $expectedS,
        public int $doubles,
        public int $singles,
        /** On average. */
        public float $misses,
        /** Of its doubles in one go a round; tries ask for none. */
        public ?float $chanceUnbroken,
        private float $workS,
        private ?LossDistribution $loss,
    ) {
    }

    /**
     * @param int   $first    doubles before the singles
     * @param float $ratio    singles for one double
     * @param float $fraction share that is kept when doubles are cut
     *
     * @return non-empty-list<self> one of each
     */
    public static function all(
        int $reps,
        int $first,
        float $ratio,
        float $fraction,
        RepTiming $doubles,
        RepTiming $singles,
    ): array {
        $first = min($first, $reps);

        return [
            self::of(Scaling::Full, $reps, 0, $doubles, $singles),
            self::of(Scaling::FirstThenSingles, $first, (int) round(($reps - $first) * $ratio), $doubles, $singles),
            self::of(Scaling::Fewer, max(1, (int) round($reps * $fraction)), 0, $doubles, $singles),
            self::tries($doubles),
            self::of(Scaling::Singles, 0, (int) round($reps * $ratio), $doubles, $singles),
        ];
    }

    private static function of(Scaling $scaling, int $count, int $easy, RepTiming $doubles, RepTiming $singles): self
    {
        $plans = array_filter([$doubles->plan($count), $singles->plan($easy)]);
        $losses = array_values(array_filter([$doubles->loss($count), $singles->loss($easy)]));

        return new self(
            $scaling,
            $doubles->secondsFor($count) + $singles->secondsFor($easy),
            $count,
            $easy,
            array_sum(array_map(static fn (SetPlan $plan): float => $plan->expectedMisses(), $plans)),
            $doubles->chanceUnbroken($count),
            $count / $doubles->repsPerS + $easy / $singles->repsPerS,
            isset($losses[1]) ? $losses[0]->then($losses[1]) : $losses[0] ?? null,
        );
    }

    private static function tries(RepTiming $doubles): self
    {
        $count = self::TRIES_S / $doubles->secondsPerTry();
        [$q] = $doubles->hazard->first(1);

        return new self(
            Scaling::Tries,
            self::TRIES_S,
            (int) round($count),
            0,
            ($count * $q) / (1 - $q),
            null,
            self::TRIES_S,
            null,
        );
    }

    /** This round and another, scaled the same way. */
    public function plus(self $other): self
    {
        return new self(
            $this->scaling,
            $this->expectedS + $other->expectedS,
            $this->doubles + $other->doubles,
            $this->singles + $other->singles,
            $this->misses + $other->misses,
            null === $this->chanceUnbroken || null === $other->chanceUnbroken
                ? null
                : $this->chanceUnbroken * $other->chanceUnbroken,
            $this->workS + $other->workS,
            null === $this->loss || null === $other->loss ? null : $this->loss->then($other->loss),
        );
    }

    /** Landings of the feet: one for each jump, and a missed jump is one. */
    public function contacts(): int
    {
        return $this->doubles + $this->singles + (int) round($this->misses);
    }

    /**
     * @return array{float, float} eight times in ten between these seconds
     */
    public function band(): array
    {
        [$low, $high] = $this->loss?->quantiles([0.1, 0.9]) ?? [0.0, 0.0];

        return [$this->workS + $low, $this->workS + $high];
    }

    /**
     * Racing does all of it. Practising takes tries for a time. Keeping moving does all of it where that is no slower than
     * the first ones and then singles, and else these: some doubles stay, so that the skill is not scaled out.
     *
     * @param non-empty-list<self> $ways
     */
    public static function recommended(array $ways, Aim $aim): Scaling
    {
        if (Aim::KeepMoving !== $aim) {
            return Aim::Race === $aim ? Scaling::Full : Scaling::Tries;
        }
        $seconds = static fn (Scaling $scaling): float => array_sum(array_map(
            static fn (self $way): float => $scaling === $way->scaling ? $way->expectedS : 0.0,
            $ways,
        ));

        return $seconds(Scaling::Full) <= $seconds(Scaling::FirstThenSingles) ? Scaling::Full : Scaling::FirstThenSingles;
    }
}
