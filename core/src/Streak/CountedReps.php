<?php

declare(strict_types=1);

namespace Zumbo\Core\Streak;

use Zumbo\Core\Measure\OutOfRange;

/**
 * What a log entry says about the chance of a rep: so many successes, so many misses, and how old it is.
 *
 * A single go of x reps that ended by a miss is x successes and one miss; stopped on purpose, x successes and none. A
 * set's sum says the same of all its goes together; a timed hold counts seconds instead of reps.
 */
final readonly class CountedReps
{
    /** After so many days an entry counts half (our assumption: a month-old set tells half as much). */
    public const HALF_LIFE_DAYS = 28.0;

    /** More than anybody does, or anybody types by mistake, in one entry. */
    public const MOST_IN_ENTRY = 9_999;

    private const MOST = 100_000;

    private function __construct(
        public int $successes,
        public int $misses,
        public float $daysAgo,
        /** Several goes in one: tells less, and was perhaps chosen. */
        public bool $summed,
    ) {
        if ($successes < 0 || $successes > self::MOST || $misses < 0 || $misses > self::MOST) {
            throw OutOfRange::of(
                'entry',
                \sprintf('%d reps, %d misses', $successes, $misses),
                'whole numbers from 0 to '.self::MOST,
            );
        }
        if (!($daysAgo >= 0.0) || is_infinite($daysAgo)) {
            throw OutOfRange::of('age', \sprintf('%.3g days', $daysAgo), '0 days or more');
        }
    }

    /** @throws OutOfRange when a number is negative or absurd */
    public static function attempt(int $reps, AttemptEnd $end, float $daysAgo = 0.0): self
    {
        return new self($reps, AttemptEnd::Miss === $end ? 1 : 0, $daysAgo, false);
    }

    /** @throws OutOfRange when a number is negative or absurd */
    public static function sum(int $reps, int $misses, float $daysAgo = 0.0): self
    {
        return new self($reps, $misses, $daysAgo, true);
    }

    /**
     * Tries that are clean or not, or seconds held and the misses in them: each counted by itself, nothing is summed.
     *
     * @throws OutOfRange when a number is negative or absurd
     */
    public static function counted(int $successes, int $misses, float $daysAgo = 0.0): self
    {
        return new self($successes, $misses, $daysAgo, false);
    }

    public function weight(): float
    {
        return 0.5 ** ($this->daysAgo / self::HALF_LIFE_DAYS);
    }
}
