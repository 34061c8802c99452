<?php

declare(strict_types=1);

namespace Zumbo\App\Path\Drills;

use Zumbo\App\Entity\Path\OwnDrill;
use Zumbo\Core\Stage\Stage;

/**
 * A drill that a gym added, copied or hides.
 */
final readonly class OwnDrillView
{
    private function __construct(
        public string $id,
        public ?string $replaces,
        public bool $hidden,
        public Stage $stage,
        public string $title,
        public bool $removed,
        public int $version,
    ) {
    }

    public static function of(OwnDrill $drill): self
    {
        return new self(
            $drill->id()->toRfc4122(),
            $drill->replaces(),
            $drill->isHidden(),
            $drill->stage(),
            $drill->words()->title,
            $drill->isRemoved(),
            $drill->version(),
        );
    }
}
