<?php

declare(strict_types=1);

namespace Zumbo\App\Exchange\Import;

use Zumbo\App\Exchange\Rule\RowError;

/**
 * One thing that can't be taken.
 */
final readonly class RowErrorView
{
    public function __construct(
        public string $where,
        public string $field,
        public string $value,
        public string $accepted,
        public string $message,
    ) {
    }

    public static function of(RowError $error): self
    {
        return new self($error->where, $error->field, $error->value, $error->accepted, $error->message);
    }
}
