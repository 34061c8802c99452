<?php

declare(strict_types=1);

namespace Zumbo\Core\Messages;

use Zumbo\Core\Measure\CoreException;

/**
 * A verdict the catalogue can't word: a mistake in the program, never in the input.
 */
final class MissingMessage extends \LogicException implements CoreException
{
    public static function forCode(string $code): self
    {
        return new self(\sprintf('no sentence for the verdict "%s"', $code));
    }

    public static function forValue(string $code, string $value): self
    {
        return new self(\sprintf('the sentence of "%s" needs the value "%s"', $code, $value));
    }
}
