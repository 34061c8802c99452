<?php

declare(strict_types=1);

namespace Zumbo\Core\Roster\Athletes;

use Zumbo\Core\Measure\Length;
use Zumbo\Core\Stage\Experience;

/**
 * Somebody who stands in a list, with all that is needed to size their rope.
 */
final readonly class ListedAthlete
{
    /**
     * @param string|null $hand right, left or both; null: not said
     */
    public function __construct(
        public int $line,
        public string $name,
        public Length $height,
        public ?int $birthYear,
        public ?string $hand,
        public ?Experience $experience,
    ) {
    }
}
