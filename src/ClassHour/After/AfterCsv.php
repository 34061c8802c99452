<?php

declare(strict_types=1);

namespace Zumbo\App\ClassHour\After;

/**
 * The page after class as a table; a name that begins like a formula is no formula.
 */
final class AfterCsv
{
    private const HEAD = ['athlete', 'did', 'entries', 'contacts', 'record', 'gate_opened', 'fault', 'next'];

    public static function of(AfterView $after): string
    {
        $out = fopen('php://temp', 'r+');
        \assert(false !== $out);
        fputcsv($out, self::HEAD, escape: '');
        foreach ($after->rows as $row) {
            fputcsv($out, array_map(self::plain(...), [
                $row->name,
                $row->did,
                $row->entries,
                $row->contacts,
                $row->record,
                $row->gateOpened,
                $row->fault,
                $row->next,
            ]), escape: '');
        }
        rewind($out);

        return (string) stream_get_contents($out);
    }

    private static function plain(string|int|null $value): string
    {
        $text = (string) $value;

        return 1 === preg_match('/^[=+\-@\t\r]/', $text) ? "'".$text : $text;
    }
}
