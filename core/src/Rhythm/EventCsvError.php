<?php

declare(strict_types=1);

namespace Zumbo\Core\Rhythm;

use Zumbo\Core\Measure\CoreException;

/**
 * A line of an event file that can't be read: which, what stands there, what would be right.
 */
final class EventCsvError extends \InvalidArgumentException implements CoreException
{
    private function __construct(
        string $message,
        public readonly int $atLine,
        public readonly string $found,
        public readonly string $accepted,
    ) {
        parent::__construct($message);
    }

    public static function at(int $line, string $found, string $accepted): self
    {
        $shown = substr((string) preg_replace('/[^\x20-\x7E]/', '?', $found), 0, 60);

        return new self(\sprintf('line %d: "%s": %s', $line, $shown, $accepted), $line, $shown, $accepted);
    }
}
