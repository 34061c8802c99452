<?php

declare(strict_types=1);

namespace Zumbo\Core\Body;

use Zumbo\Core\Measure\Verdict;

/**
 * When somebody who grows is to be measured again (common practice; the months are our assumption, shortest in the
 * years of the growth spurt). Only birth years are known, so the age is that of the end of the year.
 */
final readonly class Remeasure
{
    /** oldest age → months between readings */
    private const MONTHS = [9 => 6, 15 => 3, 18 => 6];

    private function __construct(public int $months)
    {
    }

    /** Null: grown up, or the birth year is not known. */
    public static function everyMonths(?int $birthYear, int $year): ?self
    {
        if (null === $birthYear) {
            return null;
        }
        foreach (self::MONTHS as $oldest => $months) {
            if ($year - $birthYear <= $oldest) {
                return new self($months);
            }
        }

        return null;
    }

    /** @param int $monthsAgo whole months since the last reading */
    public function reminder(int $monthsAgo): ?Verdict
    {
        return $monthsAgo < $this->months
            ? null
            : Verdict::of('growth.measure_again', ['months' => $monthsAgo, 'every' => $this->months]);
    }
}
