<?php

declare(strict_types=1);

namespace Zumbo\App\Exchange\Rule;

/**
 * One thing in a file that can't be taken: where, which field, what stands there, what would be right.
 */
final readonly class RowError
{
    private const SHOWN = 40;

    private function __construct(
        public string $where,
        public string $field,
        public string $value,
        public string $accepted,
        public string $message,
    ) {
    }

    public static function of(string $where, string $field, mixed $given, string $accepted): self
    {
        $shown = self::show($given);

        return new self(
            $where,
            $field,
            $shown,
            $accepted,
            '' === $shown
                ? \sprintf('%s: %s is missing: %s.', ucfirst($where), $field, $accepted)
                : \sprintf('%s: %s "%s": %s.', ucfirst($where), $field, $shown, $accepted),
        );
    }

    private static function show(mixed $given): string
    {
        return match (true) {
            null === $given => '',
            \is_string($given) => mb_strimwidth(
                (string) preg_replace('/\p{C}/u', '?', mb_scrub($given)),
                0,
                self::SHOWN,
                '…',
            ),
            \is_bool($given) => $given ? 'true' : 'false',
            \is_scalar($given) => (string) $given,
            default => 'a '.get_debug_type($given),
        };
    }
}
