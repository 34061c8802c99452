<?php

declare(strict_types=1);

namespace Zumbo\Core\Pacing\Run;

/**
 * The legs of a paced workout as the clock of the class runs them, on the wall and on phones: in the notation of intervals.
 */
final class ClockText
{
    /** What that clock takes. */
    private const MOST_PARTS = 40;
    private const LONGEST_S = 600;

    /**
     * @param list<RunLeg> $legs
     *
     * @return string|null null: that clock does not take so many legs, or one so long
     */
    public static function of(array $legs): ?string
    {
        $parts = [];
        $shown = 0;
        foreach ($legs as $i => $leg) {
            // Whole seconds that do not drift: each ends where the plan has it, rounded.
            $end = (int) round($leg->endS);
            $start = max($shown, (int) round($leg->startS));
            $work = max(1, $end - $start);
            $rest = isset($legs[$i + 1]) ? max(0, (int) round($legs[$i + 1]->startS) - ($start + $work)) : 0;
            if ($work > self::LONGEST_S || $rest > self::LONGEST_S) {
                return null;
            }
            $what = ($leg->reps > 0 ? $leg->reps.' ' : '').trim((string) preg_replace('/[;:(),\d]+/', ' ', $leg->name));
            $parts[] = $work.(0 < $rest ? '/'.$rest : '').': '.$what;
            $shown = $start + $work + $rest;
        }

        return [] === $parts || \count($parts) > self::MOST_PARTS ? null : implode('; ', $parts);
    }
}
