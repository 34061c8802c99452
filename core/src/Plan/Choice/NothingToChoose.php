<?php

declare(strict_types=1);

namespace Zumbo\Core\Plan\Choice;

use Zumbo\Core\Measure\CoreException;

/**
 * Somebody has nothing that is always there to choose.
 */
final class NothingToChoose extends \InvalidArgumentException implements CoreException
{
    public static function for(int $person): self
    {
        return new self(\sprintf('person %d: no option without a scarce thing, at least one is needed', $person));
    }
}
