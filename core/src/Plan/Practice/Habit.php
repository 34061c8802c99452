<?php

declare(strict_types=1);

namespace Zumbo\Core\Plan\Practice;

use Zumbo\Core\Measure\Term;
use Zumbo\Core\Measure\Verdict;

/**
 * A part that a coach makes longer or shorter again and again: in three of the last five plans, the same way (our assumption).
 */
final readonly class Habit
{
    private const LOOKED_AT = 5;
    private const AGAIN = 3;
    private const LEAST_S = 30;

    private function __construct(
        public Slot $slot,
        /** Seconds, on the average; below 0: shorter. */
        public int $byS,
        public int $times,
    ) {
    }

    /**
     * @param list<PracticeWish> $wishes of the last plans, in any order; the newest first where there are more than five
     *
     * @return list<self>
     */
    public static function of(array $wishes): array
    {
        $changes = [];
        foreach (\array_slice($wishes, 0, self::LOOKED_AT) as $wish) {
            $usual = SectionTimes::usualOf($wish);
            foreach ($wish->seconds as $slot => $seconds) {
                $by = $seconds - ($usual[$slot] ?? 0);
                if (Slot::Main->value !== $slot && abs($by) >= self::LEAST_S) {
                    $changes[$slot][$by > 0 ? 'longer' : 'shorter'][] = $by;
                }
            }
        }
        $habits = [];
        foreach ($changes as $slot => $ways) {
            foreach ($ways as $by) {
                if (\count($by) >= self::AGAIN) {
                    $mean = (int) (self::LEAST_S * round(array_sum($by) / \count($by) / self::LEAST_S));
                    $habits[] = new self(Slot::from($slot), $mean, \count($by));
                }
            }
        }

        return $habits;
    }

    /** How long the part would be in a plan of so many minutes. */
    public function secondsIn(PracticeWish $wish): int
    {
        return max(0, (SectionTimes::usualOf($wish)[$this->slot->value] ?? 0) + $this->byS);
    }

    public function verdict(): Verdict
    {
        $values = ['part' => Term::of($this->slot), 'by_s' => abs($this->byS), 'times' => $this->times];

        return $this->byS < 0 ? Verdict::of('plan.habit_shorter', $values) : Verdict::of('plan.habit_longer', $values);
    }
}
