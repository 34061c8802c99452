<?php

declare(strict_types=1);

namespace Zumbo\App\Story\Effort;

use Zumbo\App\Entity\Effort\SessionEffort;

/**
 * How hard a session felt, and how long it took.
 */
final readonly class SessionEffortView
{
    private function __construct(
        public string $id,
        public string $day,
        /** Of 10. */
        public int $effort,
        public int $minutes,
        public string $saidBy,
        /** On their own card. */
        public bool $selfReported,
        public bool $removed,
        public int $version,
    ) {
    }

    public static function of(SessionEffort $effort): self
    {
        return new self(
            $effort->id()->toRfc4122(),
            $effort->doneOn()->format('Y-m-d'),
            $effort->effort(),
            $effort->minutes(),
            $effort->saidBy(),
            $effort->isSelfReported(),
            $effort->isRemoved(),
            $effort->version(),
        );
    }
}
