<?php

declare(strict_types=1);

namespace Zumbo\App\Exchange\Format;

use Zumbo\App\Exchange\Rule\IncomingRow;
use Zumbo\App\Exchange\Rule\RowError;
use Zumbo\App\Exchange\Table\Table;
use Zumbo\App\Exchange\Table\Tables;

/**
 * Reads the JSON form: `{"format": "zumbo", "version": 1, "athletes": [...], ...}`; tables may be left out.
 */
final class JsonReader
{
    public const FORMAT = 'zumbo';
    public const VERSION = 1;

    private const ABOUT = ['$schema', 'format', 'version', 'gym'];

    /**
     * @return list<IncomingRow|RowError> an error for a row that is no object
     *
     * @throws UnreadableFile naming the place
     */
    public static function read(string $content): array
    {
        $file = json_decode($content, true, 8);
        if (!\is_array($file) || array_is_list($file)) {
            throw UnreadableFile::because(
                'file',
                'JSON',
                mb_substr($content, 0, 40),
                'one object with format, version and tables',
            );
        }
        foreach (['format' => self::FORMAT, 'version' => self::VERSION] as $field => $accepted) {
            if (($file[$field] ?? null) !== $accepted) {
                throw UnreadableFile::because('file', $field, $file[$field] ?? null, (string) json_encode($accepted));
            }
        }
        $tables = Tables::all();
        foreach (array_keys($file) as $name) {
            if (!isset($tables[$name]) && !\in_array($name, self::ABOUT, true)) {
                throw UnreadableFile::because(
                    'file',
                    'table',
                    (string) $name,
                    'one of '.implode(', ', array_keys($tables)),
                );
            }
        }
        $rows = [];
        foreach ($tables as $name => $table) {
            $rows = [...$rows, ...self::rows($table, $file[$name] ?? [])];
        }

        return \count($rows) > CsvReader::MOST_ROWS
            ? throw UnreadableFile::because(
                'file',
                'rows',
                (string) \count($rows),
                'at most '.CsvReader::MOST_ROWS.' rows in one file; part it',
            )
            : $rows;
    }

    /**
     * @return list<IncomingRow|RowError>
     */
    private static function rows(Table $table, mixed $given): array
    {
        if (!\is_array($given) || !array_is_list($given)) {
            throw UnreadableFile::because('file', $table->name, $given, 'a list of rows');
        }
        $rows = [];
        foreach ($given as $i => $cells) {
            $where = \sprintf('%s[%d]', $table->name, $i);
            if (!\is_array($cells) || ([] !== $cells && array_is_list($cells))) {
                $rows[] = RowError::of($where, 'row', $cells, 'an object');
                continue;
            }
            $rows[] = new IncomingRow($table, $where, $cells, false);
        }

        return $rows;
    }
}
