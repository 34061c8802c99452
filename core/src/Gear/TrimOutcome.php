<?php

declare(strict_types=1);

namespace Zumbo\Core\Gear;

use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Numeric\BetaDistribution;
use Zumbo\Core\Streak\CountedReps;

/**
 * Whether a trim helped: the change of misses per try with its 95 % interval, (p₁ − p₀) ± 1.96 √(p₀q₀/n₀ + p₁q₁/n₁)
 * (normal interval of a difference of two proportions, as R's prop.test without correction gives it).
 *
 * It made it better or worse only where the whole interval lies on one side of 0; else it can't be told yet, and then
 * the tries on each length that would show a doubling of the misses four times in five are said
 * ((z√(2p̄q̄) + z′√(p₀q₀ + p₁q₁))²/δ², R's power.prop.test).
 */
final readonly class TrimOutcome
{
    /** Misses are told for so many tries. */
    public const PER_TRIES = 100;

    /** Normal deviates: 95 % lie within the first, 80 % below the second. */
    private const SURE_DEVIATE = 1.959964;
    private const POWER_DEVIATE = 0.841621;

    /** Fewer tries on either length than this say nothing, and the normal interval does not hold (our assumption). */
    public const LEAST_TRIES = 30;

    /** @param array{float, float}|null $interval of the change of misses per try; null: too little to say */
    private function __construct(
        public TrimAdvice $advice,
        /** Chance that misses are rarer after it than before, from nothing believed. */
        public float $chanceBetter,
        public ?array $interval,
        /** On each length, that would show whether misses doubled; null: no misses to double, or nothing before it. */
        public ?int $triesThatTell,
        public Verdict $reason,
    ) {
    }

    /**
     * @param list<CountedReps> $before with the length before it, of the same kind of set
     * @param list<CountedReps> $after  since
     */
    public static function of(array $before, array $after): self
    {
        [$triesBefore, $missesBefore] = self::sums($before);
        [$triesAfter, $missesAfter] = self::sums($after);
        $better = self::chanceBetter($triesBefore, $missesBefore, $triesAfter, $missesAfter);
        $tell = self::triesThatTell($triesBefore, $missesBefore);
        if (0 === $triesBefore) {
            return new self(TrimAdvice::Wait, $better, null, null, Verdict::of('trim.no_before'));
        }
        if ($triesBefore < self::LEAST_TRIES || $triesAfter < self::LEAST_TRIES) {
            return new self(TrimAdvice::Wait, $better, null, $tell, Verdict::of('trim.wait', [
                'before_tries' => $triesBefore,
                'after_tries' => $triesAfter,
                'least' => self::LEAST_TRIES,
            ]));
        }
        [$low, $high] = self::interval($triesBefore, $missesBefore, $triesAfter, $missesAfter);
        $advice = match (true) {
            $low > 0 => TrimAdvice::LetOut,
            $high < 0 => TrimAdvice::Keep,
            default => TrimAdvice::CannotTell,
        };

        return new self(
            $advice,
            $better,
            [$low, $high],
            $tell,
            Verdict::of(self::code($advice, $tell), [
                'before' => self::PER_TRIES * $missesBefore / $triesBefore,
                'after' => self::PER_TRIES * $missesAfter / $triesAfter,
                'low' => self::PER_TRIES * $low,
                'high' => self::PER_TRIES * $high,
                'tries' => $tell ?? 0,
            ]),
        );
    }

    private static function code(TrimAdvice $advice, ?int $tell): string
    {
        return match ($advice) {
            TrimAdvice::Keep => 'trim.helped',
            TrimAdvice::LetOut => 'trim.hurt',
            default => null === $tell ? 'trim.cannot_tell_without_misses' : 'trim.cannot_tell',
        };
    }

    /**
     * @return array{float, float} of the change, per try
     */
    private static function interval(int $triesBefore, int $missesBefore, int $triesAfter, int $missesAfter): array
    {
        [$before, $after] = [$missesBefore / $triesBefore, $missesAfter / $triesAfter];
        $error = sqrt($before * (1 - $before) / $triesBefore + $after * (1 - $after) / $triesAfter);

        return [
            $after - $before - self::SURE_DEVIATE * $error,
            $after - $before + self::SURE_DEVIATE * $error,
        ];
    }

    /** Rounded to one digit, for it is a guess itself. */
    private static function triesThatTell(int $tries, int $misses): ?int
    {
        if (0 === $misses || $tries < self::LEAST_TRIES || 2 * $misses >= $tries) {
            return null;
        }
        $before = $misses / $tries;
        $after = 2 * $before;
        $middle = ($before + $after) / 2;
        $needed = ((self::SURE_DEVIATE * sqrt(2 * $middle * (1 - $middle))
            + self::POWER_DEVIATE * sqrt($before * (1 - $before) + $after * (1 - $after))) / $before) ** 2;

        return (int) round($needed, -(int) floor(log10($needed)));
    }

    private static function chanceBetter(int $triesBefore, int $missesBefore, int $triesAfter, int $missesAfter): float
    {
        $after = BetaDistribution::of(1 + $missesAfter, 1 + $triesAfter - $missesAfter);

        return $after->chanceBelow(1 + $missesBefore, 1 + $triesBefore - $missesBefore);
    }

    /**
     * @param list<CountedReps> $entries
     *
     * @return array{int, int} tries, misses among them
     */
    private static function sums(array $entries): array
    {
        $misses = array_sum(array_map(static fn (CountedReps $entry): int => $entry->misses, $entries));

        return [
            $misses + array_sum(array_map(static fn (CountedReps $entry): int => $entry->successes, $entries)),
            $misses,
        ];
    }
}
