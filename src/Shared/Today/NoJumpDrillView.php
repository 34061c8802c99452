<?php

declare(strict_types=1);

namespace Zumbo\App\Shared\Today;

use Zumbo\Core\Drill\Drill;

/**
 * Something to practise without a landing.
 */
final readonly class NoJumpDrillView
{
    private function __construct(
        public string $code,
        public string $title,
        /** "3 × 30 s". */
        public string $dose,
        public string $cue,
        public string $why,
    ) {
    }

    public static function of(Drill $drill): self
    {
        return new self($drill->code, $drill->title, $drill->dose(), $drill->cue, $drill->why);
    }
}
