<?php

declare(strict_types=1);

namespace Zumbo\Core\Today;

use Zumbo\Core\Measure\CoreException;

/**
 * A line that tells no class of the week.
 */
final class UnreadableClassTimes extends \InvalidArgumentException implements CoreException
{
    private function __construct(public readonly int $number, public readonly string $written, public readonly string $accepted)
    {
        parent::__construct(\sprintf('line %d, “%s”: %s', $number, $written, $accepted));
    }

    public static function at(int $number, string $written, string $accepted): self
    {
        return new self($number, $written, $accepted);
    }
}
