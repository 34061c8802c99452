<?php

declare(strict_types=1);

namespace Zumbo\App\Shared\Trail;

/**
 * What stood somewhere before, and after.
 */
final readonly class ChangeView
{
    public function __construct(
        /** In words: "height". */
        public string $what,
        public ValueKind $kind,
        /** Null: nothing stood there, or it is secret. */
        public ?string $before,
        public ?string $after,
    ) {
    }
}
