<?php

declare(strict_types=1);

namespace Zumbo\App\Shared\Home;

use Zumbo\Core\Plan\Weeks\SessionKind;

/**
 * A practice at home: a few minutes alone.
 */
final readonly class HomeworkView
{
    /**
     * @param list<HomeworkBlockView> $blocks in order
     */
    public function __construct(
        public string $on,
        public SessionKind $kind,
        public int $minutes,
        public int $contacts,
        public array $blocks,
    ) {
    }
}
