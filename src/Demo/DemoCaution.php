<?php

declare(strict_types=1);

namespace Zumbo\App\Demo;

use Zumbo\Core\Body\BodyPart;
use Zumbo\Core\Body\Caution;

/**
 * Something that was noted of an invented athlete's health.
 */
final readonly class DemoCaution
{
    public function __construct(
        public Caution $caution,
        public ?BodyPart $place = null,
        public ?int $degree = null,
        public int $daysAgo = 0,
        public string $note = '',
        /** Cleared by the coach so many days ago; null: it stands. */
        public ?int $clearedDaysAgo = null,
        public string $clearedNote = '',
        public ?int $daysLeft = null,
    ) {
    }
}
