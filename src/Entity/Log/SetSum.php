<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Log;

use Zumbo\Core\Stage\Stage;

/**
 * A kept sum (DaySum) as it is read: thousands of them make a class.
 */
final readonly class SetSum
{
    public function __construct(
        /** Id, as the database gives it. */
        public string $set,
        public Stage $stage,
        public AttemptKind $kind,
        public \DateTimeImmutable $localDay,
        public string $drill,
        public int $entries,
        public int $reps,
        /** Also the one that ended a go. */
        public int $misses,
        /** The most reps of an entry. */
        public int $best,
        /** Entries that two coaches may both have written (SameSet). */
        public int $doubts,
    ) {
    }
}
