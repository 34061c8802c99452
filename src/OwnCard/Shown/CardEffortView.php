<?php

declare(strict_types=1);

namespace Zumbo\App\OwnCard\Shown;

use Zumbo\App\Entity\Effort\SessionEffort;

/**
 * How hard today felt, as the athlete has said.
 */
final readonly class CardEffortView
{
    private function __construct(
        /** Of 10. */
        public int $effort,
        public int $minutes,
    ) {
    }

    public static function of(SessionEffort $effort): self
    {
        return new self($effort->effort(), $effort->minutes());
    }
}
