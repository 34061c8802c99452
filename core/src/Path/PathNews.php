<?php

declare(strict_types=1);

namespace Zumbo\Core\Path;

use Zumbo\Core\Measure\Verdict;

/**
 * What is told of an athlete without being asked: that misses rose with a trim or a pause, that they are ready and do not
 * know it, that nothing changes any more; each with what to do. At most one of the three: the first.
 */
final readonly class PathNews
{
    private function __construct(
        /** Null: nothing new. */
        public ?Verdict $news,
        public ChangeOverPractices $change,
    ) {
    }

    /**
     * @param list<SessionSum> $sessions of what the gate counts, the newest last
     * @param int|null         $trimmed  day of the last trim, counted as theirs are
     */
    public static function of(GateOutlook $outlook, array $sessions, ?int $trimmed): self
    {
        $change = ChangeOverPractices::of($sessions);
        $ready = GateVerdict::StepBack === $outlook->verdict ? null : $outlook->ready();

        return new self(
            Setback::of($sessions, $trimmed) ?? $ready ?? match ($change->change) {
                Change::Plateau => $outlook->isOpenNow()
                    ? null
                    : Verdict::of('news.plateau', ['practices' => $change->practices]),
                Change::Worse => Verdict::of('news.worse', ['practices' => $change->practices]),
                default => null,
            },
            $change,
        );
    }
}
