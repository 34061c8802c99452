<?php

declare(strict_types=1);

namespace Zumbo\App\ClassHour\After;

use Zumbo\App\Shared\SentenceView;

/**
 * What one athlete did in the class, and what changes for them.
 */
final readonly class AfterRowView
{
    public function __construct(
        public string $athleteId,
        public string $name,
        /** Sums by kind: "78 reps, 4 misses". */
        public string $did,
        public int $entries,
        public int $contacts,
        /** More in one go than ever before: how many; null: none. */
        public ?int $record,
        /** The gate that is open since tonight, as its stage is called; null: none. */
        public ?string $gateOpened,
        /** The fault that is worked on; null: none. */
        public ?string $fault,
        /** Why a coach should look; null: no need to. */
        public ?SentenceView $look,
        /** Jumping is off since tonight, or was stopped; null: it is not. */
        public ?string $off,
        /** What is next: another drill, or the next stage. */
        public string $next,
    ) {
    }
}
