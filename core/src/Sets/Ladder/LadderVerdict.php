<?php

declare(strict_types=1);

namespace Zumbo\Core\Sets\Ladder;

use Zumbo\Core\Measure\Verdict;

/**
 * Whether a ladder suits practice: rungs that are made about 85 times in 100 teach best (R. C. Wilson et al., Nature
 * Communications 10:4646 (2019)).
 */
final class LadderVerdict
{
    public const BEST_CHANCE = 0.85;

    /** Above this nothing is left to practise (our assumption: as far above the best as anybody can tell). */
    private const EASY_FROM = 0.9;

    /** Below this a rung is tried more than it is jumped (our assumption). */
    private const LEAST_CHANCE = 0.5;

    /** Nobody wants to hear a number of misses beyond that. */
    private const MOST_SAID = 999;

    public static function of(LadderOutlook $outlook): Verdict
    {
        $hardest = $outlook->hardest();
        $values = [
            'rung' => 1 + (int) array_search($hardest, $outlook->rungs, true),
            'pattern' => $hardest->pattern->text(),
            'in_ten' => (int) round(10 * $hardest->chance),
            'misses' => (int) min(self::MOST_SAID, round($outlook->expectedMisses())),
        ];

        return match (true) {
            $hardest->isOutOfReach() => Verdict::of('ladder.not_today', $values),
            $hardest->chance >= self::EASY_FROM => Verdict::of('ladder.easy', $values),
            $hardest->chance >= self::LEAST_CHANCE => Verdict::of('ladder.fits', $values),
            default => Verdict::of('ladder.hard', $values),
        };
    }
}
