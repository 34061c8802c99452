<?php

declare(strict_types=1);

namespace Zumbo\App\Rhythm\Take;

use Zumbo\App\Entity\Log\AttemptKind;
use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Drill\TakeEntry;
use Zumbo\Core\Streak\AttemptEnd;

/**
 * A take as it goes to the log of a drill that counts in this way.
 */
final readonly class TakeEntryView
{
    private function __construct(
        public CountKind $countKind,
        public AttemptKind $kind,
        public int $reps,
        public int $misses,
        /** Of a single streak: a miss, or stopped on purpose; null where misses are counted instead. */
        public ?AttemptEnd $end,
    ) {
    }

    public static function of(TakeEntry $entry): self
    {
        $kind = $entry->summed ? AttemptKind::Sum : AttemptKind::from($entry->countKind->value);
        if (AttemptKind::Streak !== $kind) {
            return new self($entry->countKind, $kind, $entry->reps, $entry->misses, null);
        }

        return new self(
            $entry->countKind,
            $kind,
            $entry->reps,
            0,
            $entry->misses > 0 ? AttemptEnd::Miss : AttemptEnd::Stopped,
        );
    }
}
