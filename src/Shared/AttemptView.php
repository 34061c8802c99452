<?php

declare(strict_types=1);

namespace Zumbo\App\Shared;

use Zumbo\App\Entity\Log\Attempt;
use Zumbo\App\Entity\Log\AttemptKind;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Messages\MessageCatalogue;
use Zumbo\Core\Streak\AttemptEnd;

/**
 * One entry of the log.
 */
final readonly class AttemptView
{
    private function __construct(
        public string $id,
        public string $athleteId,
        /** Code of the drill that was done. */
        public string $drill,
        public AttemptKind $kind,
        public int $reps,
        public int $misses,
        public ?AttemptEnd $end,
        public bool $clean,
        /** UTC, ISO 8601. */
        public string $at,
        /** "14, stopped": as one says it. */
        public string $sentence,
        /** The coach's name, or the athlete's own; empty: nobody knows. */
        public string $loggedBy,
        /** Counted by the athlete, on their own card. */
        public bool $selfReported,
        /** A count that is hardly meant, as a question; null: nothing to ask. */
        public ?SentenceView $asks,
        /** Id of an entry that may be the same set, in another coach's hand; null: none. */
        public ?string $twin,
        public bool $removed,
        public int $version,
    ) {
    }

    public static function of(Attempt $attempt, string $drill, ?Verdict $asks = null, ?string $twin = null): self
    {
        return new self(
            $attempt->id()->toRfc4122(),
            $attempt->athleteId()->toRfc4122(),
            $drill,
            $attempt->kind(),
            $attempt->reps(),
            $attempt->misses(),
            $attempt->ended(),
            $attempt->isClean(),
            $attempt->loggedAt()->format('Y-m-d\TH:i:s\Z'),
            self::said($attempt->kind(), $attempt->reps(), $attempt->misses(), $attempt->ended()),
            $attempt->loggedBy(),
            $attempt->isSelfReported(),
            null === $asks ? null : SentenceView::of($asks, LengthUnit::Centimetre),
            $twin,
            $attempt->isRemoved(),
            $attempt->version(),
        );
    }

    /** "14, stopped": as one says it. */
    public static function said(AttemptKind $kind, int $reps, int $misses, ?AttemptEnd $ended): string
    {
        $values = ['reps' => $reps, 'misses' => $misses, 'tries' => $reps + $misses];

        return MessageCatalogue::in(LengthUnit::Centimetre)->sentence(match ($kind) {
            AttemptKind::Streak => Verdict::of('entry.'.($ended ?? AttemptEnd::Stopped)->value, $values),
            AttemptKind::Tries => Verdict::of('entry.tries', $values),
            AttemptKind::Hold => Verdict::of('entry.hold', $values),
            AttemptKind::Sum => Verdict::of('entry.sum', $values),
        });
    }
}
