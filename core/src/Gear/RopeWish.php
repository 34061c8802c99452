<?php

declare(strict_types=1);

namespace Zumbo\Core\Gear;

use Zumbo\Core\Measure\Length;
use Zumbo\Core\Stage\Stage;

/**
 * The cable somebody should have tonight.
 */
final readonly class RopeWish
{
    public function __construct(
        public string $name,
        public Length $cable,
        public Stage $stage,
        /** Tag of the rope they had last time. */
        public ?string $lastTag = null,
        /** Tag of the rope the coach has pinned to them. */
        public ?string $pinnedTag = null,
    ) {
    }
}
