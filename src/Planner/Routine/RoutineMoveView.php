<?php

declare(strict_types=1);

namespace Zumbo\App\Planner\Routine;

use Zumbo\App\Shared\BeatView;

/**
 * A move of a routine, for so many beats.
 */
final readonly class RoutineMoveView
{
    /**
     * @param list<BeatView> $strip as it begins
     */
    public function __construct(
        public string $code,
        public string $title,
        public int $beats,
        public string $text,
        public array $strip,
    ) {
    }
}
