<?php

declare(strict_types=1);

namespace Zumbo\Core\Numeric;

use Zumbo\Core\Measure\CoreException;

/**
 * A numerical question without an answer: an argument outside the domain, or no sign change in a bracket.
 */
final class NotSolvable extends \DomainException implements CoreException
{
    public static function outside(string $what, float $value, string $domain): self
    {
        return new self(\sprintf('%s %.17g: outside %s', $what, $value, $domain));
    }

    public static function noSignChange(float $low, float $high): self
    {
        return new self(\sprintf('no sign change between %.17g and %.17g', $low, $high));
    }
}
