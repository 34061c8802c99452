<?php

declare(strict_types=1);

namespace Zumbo\App\Exchange\Rule;

use Symfony\Component\Uid\Uuid;
use Zumbo\App\Exchange\Table\Tables;

/**
 * Files from before cautions had a table of their own, or the size of a rope had sides: what stood in columns of the athletes
 * becomes rows, a size too long, short or light. Read again, the same file gives the same rows.
 */
final class RetiredColumns
{
    private const CAUTIONS = 'cautions';
    private const NOTE = 'caution_note';

    /** A fault that did not say what is wrong with the size. */
    private const ROPE_SIZE = 'rope-size';

    /**
     * @return non-empty-list<IncomingRow> the row, and what was folded into it
     */
    public static function unfold(IncomingRow $row): array
    {
        if ('focuses' === $row->table->name && self::ROPE_SIZE === ($row->cells['fault'] ?? null)) {
            return [self::withItsSide($row)];
        }
        if ('athletes' !== $row->table->name) {
            return [$row];
        }
        $kept = array_diff_key($row->cells, [self::CAUTIONS => true, self::NOTE => true]);

        return [new IncomingRow($row->table, $row->where, $kept, $row->fromText), ...self::cautions($row)];
    }

    /** By the signs that led there, as the rows of a database are. */
    private static function withItsSide(IncomingRow $row): IncomingRow
    {
        $signs = json_encode($row->cells['signs'] ?? '', \JSON_PARTIAL_OUTPUT_ON_ERROR);
        $fault = match (true) {
            str_contains((string) $signs, 'rope-without-feel') => 'rope-light',
            str_contains((string) $signs, 'catches-toes') => 'rope-short',
            default => 'rope-long',
        };

        return new IncomingRow($row->table, $row->where, ['fault' => $fault] + $row->cells, $row->fromText);
    }

    /**
     * @return list<IncomingRow>
     */
    private static function cautions(IncomingRow $row): array
    {
        $given = $row->cells[self::CAUTIONS] ?? [];
        $words = \is_array($given) ? $given : array_filter(
            array_map(trim(...), explode(';', self::text($given))),
            static fn (string $word): bool => '' !== $word,
        );
        $note = self::text($row->cells[self::NOTE] ?? '');
        // A note without a caution told of something as well: it stands as the mildest one.
        $words = [] === $words && '' !== $note ? ['easy-weeks'] : $words;
        $athlete = strtolower(self::text($row->cells['id'] ?? ''));
        $at = self::text($row->cells['added_at'] ?? '');

        return array_map(
            static fn (mixed $word): IncomingRow => new IncomingRow(
                Tables::all()['cautions'],
                $row->where,
                [
                    'id' => self::id($athlete, self::text($word)),
                    'athlete_id' => $athlete,
                    'caution' => self::text($word),
                    'note' => $note,
                    'noted_on' => substr($at, 0, 10),
                    'noted_at' => $at,
                ],
                $row->fromText,
            ),
            array_values($words),
        );
    }

    /** Of the athlete's moment, and for each word another: as the migration of the database draws it. */
    private static function id(string $athlete, string $word): string
    {
        if (!Uuid::isValid($athlete)) {
            return $athlete;
        }
        $bytes = Uuid::fromString($athlete)->toBinary();
        $drawn = md5(strtoupper(bin2hex($bytes)).$word, true);

        return Uuid::fromBinary(substr($bytes, 0, 9).substr($drawn, 9, 7))->toRfc4122();
    }

    private static function text(mixed $value): string
    {
        return \is_scalar($value) ? (string) $value : '';
    }
}
