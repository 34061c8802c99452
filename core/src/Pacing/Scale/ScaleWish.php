<?php

declare(strict_types=1);

namespace Zumbo\Core\Pacing\Scale;

use Zumbo\Core\Measure\OutOfRange;
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

    /** Both 2 and 3 are common practice. */
    public const SINGLES_PER_DOUBLE = 2.0;

    /**
     * @param int|null $first doubles of each station before the singles; null: half
     * @param int|null $cut   doubles of each station; null: half
     *
     * @throws OutOfRange when a number makes no sense
     */
    public function __construct(
        public ?int $first = null,
        public ?int $cut = null,
        public float $ratio = self::SINGLES_PER_DOUBLE,
        public float $triesS = self::TRIES_S,
    ) {
        foreach (['first' => $first, 'cut' => $cut] as $name => $given) {
            if (null !== $given && $given < 1) {
                throw OutOfRange::of($name, (string) $given, 'at least one double');
            }
        }
        if (!($ratio >= 1.0 && $ratio <= 10.0) || !($triesS >= 5.0 && $triesS <= 600.0)) {
            throw OutOfRange::of('scaling', \sprintf('%.3g singles, %.3g s', $ratio, $triesS), 'from 1 to 10 singles, from 5 to 600 s');
        }
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
            Scaling::Tries => [Station::tries($this->triesS)],
            Scaling::Singles => $singles($doubles->reps),
            default => [$doubles],
        };
    }
}
