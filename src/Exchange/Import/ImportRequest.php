<?php

declare(strict_types=1);

namespace Zumbo\App\Exchange\Import;

/**
 * What an import's job was asked for; the file itself lies beside it.
 */
final readonly class ImportRequest
{
    public const CSV = 'csv';

    public function __construct(
        /** json or csv */
        public string $format,
    ) {
    }
}
