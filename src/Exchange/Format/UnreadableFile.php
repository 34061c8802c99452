<?php

declare(strict_types=1);

namespace Zumbo\App\Exchange\Format;

use Zumbo\App\Exchange\Rule\RowError;

/**
 * A file of which not even the rows can be told.
 */
final class UnreadableFile extends \RuntimeException
{
    private function __construct(public readonly RowError $error)
    {
        parent::__construct($error->message);
    }

    public static function because(string $where, string $field, mixed $given, string $accepted): self
    {
        return new self(RowError::of($where, $field, $given, $accepted));
    }
}
