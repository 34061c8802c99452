<?php

declare(strict_types=1);

namespace Zumbo\Core\Calc\Field;

use Zumbo\Core\Measure\CoreException;

/**
 * One field of a computation's input that can't be used: which, what was given, what would be right.
 */
final class BadInput extends \InvalidArgumentException implements CoreException
{
    private function __construct(
        string $message,
        public readonly string $field,
        public readonly string $given,
        public readonly string $accepted,
    ) {
        parent::__construct($message);
    }

    public static function of(string $field, mixed $given, string $accepted): self
    {
        $shown = self::show($given);

        return new self(\sprintf('%s %s: %s', $field, $shown, $accepted), $field, $shown, $accepted);
    }

    public static function missing(string $field, string $accepted): self
    {
        return new self(\sprintf('%s is missing: %s', $field, $accepted), $field, '', $accepted);
    }

    /** A refusal whose sentence already names the value. */
    public static function because(string $field, mixed $given, string $sentence, string $accepted): self
    {
        return new self(\sprintf('%s: %s', $field, $sentence), $field, self::show($given), $accepted);
    }

    private static function show(mixed $given): string
    {
        if (\is_string($given)) {
            $clean = (string) preg_replace('/[^\x20-\x7E\x{A0}-\x{FFFD}]/u', '?', $given);

            return '"'.(\strlen($clean) > 40 ? substr($clean, 0, 37).'...' : $clean).'"';
        }

        return match (true) {
            \is_int($given), \is_float($given) => (string) $given,
            \is_bool($given) => $given ? 'true' : 'false',
            null === $given => 'null',
            default => 'a '.get_debug_type($given),
        };
    }
}
