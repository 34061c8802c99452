<?php

declare(strict_types=1);

namespace Zumbo\Core\Numeric;

use Zumbo\Core\Measure\CoreException;

/**
 * An answer would take longer than anybody waits.
 */
final class TooMuchWork extends \DomainException implements CoreException
{
    /** @param string $what steps, or numbers kept at once */
    public static function over(int $most, string $what): self
    {
        return new self(\sprintf('over %s %s of computing: ask for less at once', number_format($most), $what));
    }
}
