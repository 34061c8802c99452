<?php

declare(strict_types=1);

namespace Zumbo\App\Path\Ways;

use Zumbo\Core\Method\WayKind;
use Zumbo\Core\Method\WayTable;

/**
 * One school's answer, with what it says for itself and for whom it is.
 */
final readonly class WayOptionView
{
    private function __construct(
        public string $answer,
        public string $label,
        public string $why,
        public string $forWhom,
    ) {
    }

    public static function of(WayKind $kind, string $answer): self
    {
        $row = WayTable::of($kind, $answer);

        return new self($answer, $row['label'], $row['why'], $row['for']);
    }
}
