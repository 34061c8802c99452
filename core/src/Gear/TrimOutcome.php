<?php

declare(strict_types=1);

namespace Zumbo\Core\Gear;

use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Numeric\BetaDistribution;
use Zumbo\Core\Streak\CountedReps;

/**
 * Whether a trim helped: the chance of a miss per rep before and after it, each a beta posterior from nothing believed
 * (α = 1 + reps, β = 1 + misses), compared by P(after better) = ∫ F_before dF_after.
 *
 * Told only when nine in ten sure (our assumption). What more would tell: the logarithms of two miss rates differ with
 * variance about 1/misses + 1/misses, so δ/√(1/m₁ + 1/m₂) must reach 1.28 with the rates seen, or with a change of a
 * half when they are alike; null when no number of new goes is enough because the time before is too thin.
 */
final readonly class TrimOutcome
{
    public const SURE = 0.9;

    /** Misses are told for so many reps. */
    public const PER_REPS = 100;

    /** Normal deviate that 90 % lie below. */
    private const SURE_DEVIATE = 1.2816;

    /** Fewer entries after it than this say nothing at all. */
    private const LEAST_ENTRIES = 3;

    /** A change of the miss rate that would be worth knowing: by a half. */
    private const WORTH_KNOWING = 0.405;

    private const SLICES = 400;
    private const MOST_MORE = 500;

    private function __construct(
        public TrimAdvice $advice,
        /** Chance that misses are rarer after it than before. */
        public float $chanceBetter,
        /** Entries that would tell, at the rates seen; null: none would, or more than five hundred. */
        public ?int $moreEntries,
        public Verdict $reason,
    ) {
    }

    /**
     * @param list<CountedReps> $before with the length before it, of the same kind of set
     * @param list<CountedReps> $after  since
     */
    public static function of(array $before, array $after): self
    {
        [$repsBefore, $missesBefore] = self::sums($before);
        [$repsAfter, $missesAfter] = self::sums($after);
        $better = self::chanceBetter($repsBefore, $missesBefore, $repsAfter, $missesAfter);
        $values = [
            'entries' => \count($after),
            'before' => self::perHundred($repsBefore, $missesBefore),
            'after' => self::perHundred($repsAfter, $missesAfter),
        ];
        if (\count($after) < self::LEAST_ENTRIES || [] === $before) {
            return self::wait($better, [] === $before, \count($after));
        }
        if ($better >= self::SURE || 1 - $better >= self::SURE) {
            $advice = $better >= self::SURE ? TrimAdvice::Keep : TrimAdvice::LetOut;

            return new self(
                $advice,
                $better,
                0,
                Verdict::of(TrimAdvice::Keep === $advice ? 'trim.helped' : 'trim.hurt', $values),
            );
        }
        $more = self::moreEntries($missesBefore, $repsBefore, $missesAfter, $repsAfter, \count($after));

        return new self(
            TrimAdvice::CannotTell,
            $better,
            $more,
            null === $more
                ? Verdict::of('trim.never_tells', $values)
                : Verdict::of('trim.cannot_tell', ['more' => $more] + $values),
        );
    }

    private static function wait(float $better, bool $nothingBefore, int $entries): self
    {
        return new self(
            TrimAdvice::Wait,
            $better,
            self::LEAST_ENTRIES - min(self::LEAST_ENTRIES, $entries),
            $nothingBefore
                ? Verdict::of('trim.no_before')
                : Verdict::of('trim.wait', ['entries' => $entries, 'least' => self::LEAST_ENTRIES]),
        );
    }

    private static function chanceBetter(int $repsBefore, int $missesBefore, int $repsAfter, int $missesAfter): float
    {
        $before = BetaDistribution::of(1 + $repsBefore, 1 + $missesBefore);
        $after = BetaDistribution::of(1 + $repsAfter, 1 + $missesAfter);
        $sum = 0.0;
        for ($i = 0; $i < self::SLICES; ++$i) {
            $sum += $before->cumulative($after->quantile(($i + 0.5) / self::SLICES));
        }

        return $sum / self::SLICES;
    }

    private static function moreEntries(
        int $missesBefore,
        int $repsBefore,
        int $missesAfter,
        int $repsAfter,
        int $entries,
    ): ?int {
        $rateBefore = ($missesBefore + 1) / ($repsBefore + 2);
        $rateAfter = ($missesAfter + 1) / ($repsAfter + 2);
        $seen = max(self::WORTH_KNOWING, abs(log($rateAfter / $rateBefore)));
        $left = ($seen / self::SURE_DEVIATE) ** 2 - 1 / ($missesBefore + 1);
        if ($left <= 0) {
            return null;
        }
        $perEntry = max($missesAfter, 1) / $entries;
        $more = (int) ceil(max(1.0, (1 / $left - $missesAfter - 1) / $perEntry));

        return $more > self::MOST_MORE ? null : $more;
    }

    /**
     * @param list<CountedReps> $entries
     *
     * @return array{int, int} reps, misses
     */
    private static function sums(array $entries): array
    {
        return [
            array_sum(array_map(static fn (CountedReps $entry): int => $entry->successes, $entries)),
            array_sum(array_map(static fn (CountedReps $entry): int => $entry->misses, $entries)),
        ];
    }

    private static function perHundred(int $reps, int $misses): float
    {
        return 0 === $reps + $misses ? 0.0 : (self::PER_REPS * $misses) / ($reps + $misses);
    }
}
