<?php

declare(strict_types=1);

namespace Zumbo\App\Exchange\Format;

/**
 * A file stops being JSON.
 */
final class NoJson extends \RuntimeException
{
    private function __construct(
        /** What stands there. */
        public readonly string $near,
    ) {
        parent::__construct('no JSON near '.$near);
    }

    public static function near(string $text): self
    {
        return new self(mb_scrub($text));
    }
}
