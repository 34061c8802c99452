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

    private const ACCEPTED = ['format' => self::FORMAT, 'version' => self::VERSION];

    /**
     * @param resource $stream
     *
     * @return \Generator<int, IncomingRow|RowError> an error for a row that is no object
     *
     * @throws UnreadableFile naming the place
     */
    public static function read($stream): \Generator
    {
        $tables = Tables::all();
        $stuck = 'file';
        $about = [];
        try {
            foreach (JsonMembers::of($stream) as [$name, $i, $value]) {
                $place = null === $i ? $name : \sprintf('%s[%d]', $name, $i);
                $stuck = 'after '.$place;
                if (\in_array($name, self::ABOUT, true)) {
                    $about[$name] = $value;
                    self::check($about, array_intersect([$name], array_keys(self::ACCEPTED)));
                } elseif (null === $i) {
                    self::needTable(array_keys($tables), $name, $value);
                } else {
                    yield self::row($tables[$name], $place, $value);
                }
            }
        } catch (NoJson $e) {
            throw UnreadableFile::because($stuck, 'JSON', $e->near, 'one object with format, version and tables');
        }
        self::check($about, array_keys(self::ACCEPTED));
    }

    /**
     * @param array<string, mixed> $about
     * @param array<string>        $names
     */
    private static function check(array $about, array $names): void
    {
        foreach ($names as $name) {
            if (($about[$name] ?? null) !== self::ACCEPTED[$name]) {
                throw UnreadableFile::because('file', $name, $about[$name] ?? null, (string) json_encode(self::ACCEPTED[$name]));
            }
        }
    }

    /**
     * @param list<string> $known
     */
    private static function needTable(array $known, string $name, mixed $value): void
    {
        if (!\in_array($name, $known, true)) {
            throw UnreadableFile::because('file', 'table', $name, 'one of '.implode(', ', $known));
        }
        if ([] !== $value) {
            throw UnreadableFile::because('file', $name, $value, 'a list of rows');
        }
    }

    private static function row(Table $table, string $where, mixed $cells): IncomingRow|RowError
    {
        return \is_array($cells) && ([] === $cells || !array_is_list($cells))
            ? new IncomingRow($table, $where, $cells, false)
            : RowError::of($where, 'row', $cells, 'an object');
    }
}
