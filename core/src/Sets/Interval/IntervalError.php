<?php

declare(strict_types=1);

namespace Zumbo\Core\Sets\Interval;

use Zumbo\Core\Measure\CoreException;

/**
 * A text that is no interval set.
 */
final class IntervalError extends \InvalidArgumentException implements CoreException
{
    private function __construct(string $message, public readonly string $accepted)
    {
        parent::__construct($message);
    }

    public static function of(string $part, string $given, string $accepted): self
    {
        return new self(\sprintf('%s "%s": %s', $part, $given, $accepted), $accepted);
    }

    public static function unreadable(string $text): self
    {
        return self::of(
            'interval set',
            $text,
            'work/rest xrounds, like "20/10 x8" or "1:30/0:30 x4: hops, tall singles"',
        );
    }
}
