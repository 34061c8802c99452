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
        /** The coach's name; empty: nobody knows. */
        public string $loggedBy,
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
            MessageCatalogue::in(LengthUnit::Centimetre)->sentence(self::said($attempt)),
            $attempt->loggedBy(),
            null === $asks ? null : SentenceView::of($asks, LengthUnit::Centimetre),
            $twin,
            $attempt->isRemoved(),
            $attempt->version(),
        );
    }

    private static function said(Attempt $attempt): Verdict
    {
        $values = [
            'reps' => $attempt->reps(),
            'misses' => $attempt->misses(),
            'tries' => $attempt->reps() + $attempt->misses(),
        ];

        return match ($attempt->kind()) {
            AttemptKind::Streak => Verdict::of('entry.'.($attempt->ended() ?? AttemptEnd::Stopped)->value, $values),
            AttemptKind::Tries => Verdict::of('entry.tries', $values),
            AttemptKind::Hold => Verdict::of('entry.hold', $values),
            AttemptKind::Sum => Verdict::of('entry.sum', $values),
        };
    }
}
