<?php

declare(strict_types=1);

namespace Zumbo\App\ClassHour\After;

use Zumbo\App\Shared\Sheet\CsvText;

/**
 * The page after class as a table.
 */
final class AfterCsv
{
    private const HEAD = ['athlete', 'did', 'entries', 'contacts', 'record', 'gate_opened', 'fault', 'next'];

    public static function of(AfterView $after): string
    {
        return CsvText::of(self::HEAD, array_map(static fn (AfterRowView $row): array => [
            $row->name,
            $row->did,
            $row->entries,
            $row->contacts,
            $row->record,
            $row->gateOpened,
            $row->fault,
            $row->next,
        ], $after->rows));
    }
}
