<?php

declare(strict_types=1);

namespace Zumbo\Core\Rhythm;

use Zumbo\Core\Measure\CoreException;

/**
 * A pattern that can't be read: where, what stands there, what would be right.
 */
final class PatternError extends \InvalidArgumentException implements CoreException
{
    private function __construct(
        string $message,
        /** 1 is the first character. */ public readonly int $position,
        public readonly string $accepted,
    ) {
        parent::__construct($message);
    }

    public static function at(int $position, string $found, string $accepted): self
    {
        return new self(
            \sprintf('at %d: %s; %s', $position, '' === $found ? 'the end' : '"'.$found.'"', $accepted),
            $position,
            $accepted,
        );
    }

    public static function tooLong(int $position): self
    {
        $accepted = \sprintf('at most %d jumps and rests in all', Pattern::MOST_JUMPS);

        return new self(\sprintf('at %d: too many jumps; %s', $position, $accepted), $position, $accepted);
    }
}
