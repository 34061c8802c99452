<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Problem;

/**
 * One field that can't be used: which, what was given, what would be right, and the sentence that says so.
 */
final readonly class FieldError
{
    private const SHOWN_CHARACTERS = 40;

    private function __construct(
        public string $field,
        public string $value,
        public string $accepted,
        public string $message,
    ) {
    }

    public static function of(string $field, mixed $value, string $accepted, ?string $message = null): self
    {
        $shown = self::show($value);
        $name = self::name($field);

        return new self(
            $field,
            $shown,
            $accepted,
            $message ??
                ('' === $shown
                    ? \sprintf('%s is missing: %s.', $name, $accepted)
                    : \sprintf('%s %s: %s.', $name, $shown, $accepted)),
        );
    }

    /** What was given is not shown. */
    public static function secret(string $field, string $accepted): self
    {
        return new self($field, '', $accepted, \sprintf('%s: %s.', self::name($field), lcfirst($accepted)));
    }

    /** In words; of a field within another its own name is enough. */
    private static function name(string $field): string
    {
        $own = str_contains($field, '[') ? $field : (string) preg_replace('/^.*\./', '', $field);

        return ucfirst(strtolower((string) preg_replace('/(?<=[a-z])(?=[A-Z])/', ' ', $own)));
    }

    private static function show(mixed $value): string
    {
        return match (true) {
            null === $value => '',
            \is_bool($value) => $value ? 'true' : 'false',
            \is_scalar($value) => mb_strimwidth(mb_scrub((string) $value), 0, self::SHOWN_CHARACTERS, '…'),
            \is_array($value) => implode(', ', array_map(self::show(...), \array_slice($value, 0, 5))),
            default => get_debug_type($value),
        };
    }
}
