<?php

declare(strict_types=1);

namespace Zumbo\Core\Messages;

use Zumbo\Core\Measure\CoreException;
use Zumbo\Core\Measure\Term;

/**
 * A verdict or a term without words: a mistake in the program, never in the input.
 */
final class MissingMessage extends \LogicException implements CoreException
{
    public static function forCode(string $code): self
    {
        return new self(\sprintf('no message for the verdict "%s"', $code));
    }

    public static function forValue(string $code, string $value): self
    {
        return new self(\sprintf('the message of "%s" needs the value "%s"', $code, $value));
    }

    public static function forTerm(Term $term): self
    {
        return new self(\sprintf('no label for the %s "%s"', $term->kind, $term->code));
    }

    public static function unreadable(string $code, string $why): self
    {
        return new self(\sprintf('the message of "%s" can\'t be read: %s', $code, $why));
    }
}
