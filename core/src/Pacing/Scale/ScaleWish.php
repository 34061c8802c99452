<?php

declare(strict_types=1);

namespace Zumbo\Core\Pacing\Scale;

use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Pacing\Desk\Jumper;
use Zumbo\Core\Pacing\SetPlan;
use Zumbo\Core\Pacing\Workout\Station;
use Zumbo\Core\Pacing\Workout\Workout;
use Zumbo\Core\Pacing\Workout\WorkoutForm;

/**
 * How each way of scaling is meant: the first x, cut to n, singles for one double, seconds of tries.
 */
final readonly class ScaleWish
{
    /** A round of tries lasts so long (common practice, no published source). */
    public const TRIES_S = 60.0;

    private const LEAST_S = 5.0;

    /** Both 2 and 3 are common practice. */
    public const SINGLES_PER_DOUBLE = 2.0;

    /**
     * @param int|null   $first  doubles of each station before the singles; null: half
     * @param int|null   $cut    doubles of each station; null: half
     * @param float|null $triesS null: as is usual
     *
     * @throws OutOfRange when a number makes no sense
     */
    public function __construct(
        public ?int $first = null,
        public ?int $cut = null,
        public float $ratio = self::SINGLES_PER_DOUBLE,
        public ?float $triesS = null,
    ) {
        foreach (['first' => $first, 'cut' => $cut] as $name => $given) {
            if (null !== $given && $given < 1) {
                throw OutOfRange::of($name, (string) $given, 'at least one double');
            }
        }
        $seconds = $triesS ?? self::TRIES_S;
        if (!($ratio >= 1.0 && $ratio <= 10.0) || !($seconds >= self::LEAST_S && $seconds <= 600.0)) {
            throw OutOfRange::of('scaling', \sprintf('%.3g singles, %.3g s', $ratio, $seconds), 'from 1 to 10 singles, from 5 to 600 s');
        }
    }

    /** Where nothing was asked, half the doubles and the usual tries, or as many as the contacts left today hold. */
    public function fitting(Workout $workout, Jumper $jumper, int $contactsLeft): self
    {
        $stations = $most = 0;
        foreach ($workout->rounds() as $round) {
            foreach ($round as $one) {
                $stations += (int) $one->isDoubles();
                $most = max($most, $one->isDoubles() ? $one->reps : 0);
            }
        }
        $each = $contactsLeft / max(1, $stations);
        [$q] = $jumper->hazard->first(1);
        $half = max(1, (int) ceil($most / 2));
        $misses = SetPlan::best($half, $jumper->hazard->first($half), $jumper->missCostS, $jumper->breakCostS)->expectedMisses() / $half;
        // A missed jump is a contact; and rounds tire, so a tenth stays in hand.
        $cut = max(1, min($half, (int) floor(0.9 * $each / (1 + $misses))));
        $seconds = self::LEAST_S * floor((0.9 * $each * $jumper->secondsPerTry() * (1 - $q)) / self::LEAST_S);

        return new self(
            $this->first,
            $this->cut ?? ($most > 0 ? $cut : null),
            $this->ratio,
            $this->triesS ?? max(self::LEAST_S, min(self::TRIES_S, $seconds)),
        );
    }

    /** The workout scaled in one way; null: it can't be. */
    public function scaled(Workout $workout, Scaling $scaling): ?Workout
    {
        if (Scaling::HalfRounds === $scaling) {
            $rounds = \count($workout->rounds());

            return $rounds < 2 ? null : $workout->firstRounds((int) ceil($rounds / 2));
        }
        // Where as many as come are asked for, there is no number to scale.
        $open = WorkoutForm::Intervals === $workout->form && 0 === $workout->doubles();
        if (Scaling::Full === $scaling || $open) {
            return Scaling::Full === $scaling ? $workout : null;
        }

        return $workout->withStations(
            /** @param list<Station> $stations */
            fn (array $stations): array => array_merge(...array_map(
                fn (Station $one): array => $one->isDoubles() ? $this->instead($one, $scaling) : [$one],
                $stations,
            )),
        );
    }

    /**
     * @return list<Station>
     */
    private function instead(Station $doubles, Scaling $scaling): array
    {
        $half = (int) ceil($doubles->reps / 2);
        $first = min($this->first ?? $half, $doubles->reps);
        $singles = fn (int $left): array => $left > 0 ? [Station::singles((int) round($left * $this->ratio))] : [];

        return match ($scaling) {
            Scaling::FirstThenSingles => [Station::doubles($first), ...$singles($doubles->reps - $first)],
            Scaling::Fewer => [Station::doubles(min($this->cut ?? $half, $doubles->reps))],
            Scaling::Tries => [Station::tries($this->triesS ?? self::TRIES_S)],
            Scaling::Singles => $singles($doubles->reps),
            default => [$doubles],
        };
    }
}
