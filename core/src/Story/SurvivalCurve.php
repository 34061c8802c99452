<?php

declare(strict_types=1);

namespace Zumbo\Core\Story;

use Zumbo\Core\Streak\CountedReps;
use Zumbo\Core\Streak\KaplanMeier;

/**
 * How far goes reach, with a band: Kaplan–Meier with Greenwood's errors and the log(−log) interval (J. D. Kalbfleisch &
 * R. L. Prentice, The Statistical Analysis of Failure Time Data, 1980; R's survfit with conf.type = "log-log"), which never
 * leaves 0 to 1. Where no go has ended, or every one, it is not defined: there stands what a binomial share of so many goes
 * allows, 0.025^(1/n) for all and 1 − 0.025^(1/n) for none (C. J. Clopper & E. S. Pearson, Biometrika 26 (1934) 404–413).
 */
final readonly class SurvivalCurve
{
    private const DEVIATE = 1.959963985;
    private const TAIL = 0.025;

    /**
     * @param list<CurvePoint> $points where goes ended by a miss, in order
     * @param list<int>        $seen   how far each go was seen
     */
    private function __construct(public array $points, public int $goes, private array $seen)
    {
    }

    /** @param list<CountedReps> $goes single goes only */
    public static function of(array $goes): self
    {
        $all = \count($goes);
        $points = array_map(static function (KaplanMeier $row) use ($all): CurvePoint {
            [$low, $high] = self::band($row, $all);

            return new CurvePoint($row->time, $row->survival, $low, $high);
        }, KaplanMeier::ofGoes($goes));

        return new self(
            $points,
            $all,
            array_map(static fn (CountedReps $go): int => $go->successes + min(1, $go->misses), $goes),
        );
    }

    /** Null: no go was seen so far. */
    public function at(int $reps): ?CurvePoint
    {
        $last = $this->points[\count($this->points) - 1] ?? null;
        $there = \count(array_filter($this->seen, static fn (int $seen): bool => $seen >= $reps));
        if (0 === $this->goes || (0 === $there && 0.0 !== $last?->share)) {
            return null;
        }
        $at = new CurvePoint($reps, 1.0, self::TAIL ** (1 / max(1, $there)), 1.0);
        foreach ($this->points as $point) {
            if ($point->reps > $reps) {
                break;
            }
            $at = new CurvePoint($reps, $point->share, $point->low, $point->high);
        }

        return $at;
    }

    /** So many reps as anything can be said of, at most those asked for: a go that was stopped tells nothing beyond. */
    public function toldUpTo(int $reps): int
    {
        return null === $this->at($reps) && [] !== $this->seen ? max($this->seen) : $reps;
    }

    /**
     * Against another one at so many reps: 1 better, −1 worse, 0 too early to tell, for the bands overlap.
     *
     * @return int|null null: one of them was not seen so far
     */
    public function against(self $other, int $reps): ?int
    {
        [$here, $there] = [$this->at($reps), $other->at($reps)];

        return match (true) {
            null === $here || null === $there => null,
            $here->low > $there->high => 1,
            $here->high < $there->low => -1,
            default => 0,
        };
    }

    /**
     * @return array{float, float}
     */
    private static function band(KaplanMeier $row, int $goes): array
    {
        if (null === $row->standardError || $row->survival <= 0.0) {
            return [0.0, 1 - self::TAIL ** (1 / $goes)];
        }
        $error = $row->standardError / $row->survival / abs(log($row->survival));

        return [$row->survival ** exp(self::DEVIATE * $error), $row->survival ** exp(-self::DEVIATE * $error)];
    }
}
