<?php

declare(strict_types=1);

namespace Zumbo\App\Exchange\Table;

use Symfony\Bridge\Doctrine\Types\UuidType;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Platform\Gym\GymDatabase;

/**
 * The rows of the current gym as they are exchanged, by id.
 */
final readonly class GymRows
{
    private const PAGE = 2000;

    public function __construct(private GymDatabase $database)
    {
    }

    /**
     * @param Uuid|null $athlete only of this one; the rack belongs to nobody
     *
     * @return \Generator<int, array<string, string|int|float|bool|list<string>|null>> what is not removed, in the order of
     *                                                                                 the ids, however many there are
     */
    public function present(Table $table, ?Uuid $athlete = null): \Generator
    {
        foreach ($this->all($table, $athlete) as $row) {
            if (!$row->removed) {
                yield $row->values;
            }
        }
    }

    /**
     * Page by page, so that no more than one of them is held at a time.
     *
     * @return \Generator<string, StoredRow> by id, what is removed too
     */
    public function all(Table $table, ?Uuid $athlete = null): \Generator
    {
        if (null !== $athlete && 'athletes' !== $table->name && null === $table->column('athlete_id')) {
            return;
        }
        $of = match (true) {
            null === $athlete => '',
            'athletes' === $table->name => ' AND t.id = :athlete',
            default => ' AND t.athlete_id = :athlete',
        };
        $whose = null === $athlete ? [] : ['athlete' => $athlete];
        $types = null === $athlete ? [] : ['athlete' => UuidType::NAME];
        $after = str_repeat("\0", 16);
        do {
            $page = $this->select($table, 't.id > :after'.$of, ['after' => $after] + $whose, $types);
            foreach ($page as $id => $row) {
                $after = Uuid::fromString($id)->toBinary();
                yield $id => $row;
            }
        } while (\count($page) >= self::PAGE);
    }

    /**
     * @param list<string> $ids at most as many as a page holds
     *
     * @return array<string, StoredRow> by id, what is removed too
     */
    public function those(Table $table, array $ids): array
    {
        $written = array_map(static fn (string $id): string => '0x'.bin2hex(Uuid::fromString($id)->toBinary()), $ids);

        return [] === $ids ? [] : $this->select($table, 't.id IN ('.implode(', ', $written).')');
    }

    /**
     * @param array<string, mixed>  $values
     * @param array<string, string> $types
     *
     * @return array<string, StoredRow> by id, in the order of the ids
     */
    private function select(Table $table, string $where, array $values = [], array $types = []): array
    {
        $selected = implode(
            ', ',
            array_map(static fn (Column $column): string => self::selected($table, $column), $table->columns),
        );
        $removed = $table->kept ? 't.removed_at IS NOT NULL' : '0';
        $join = $table->inPractice ? ' JOIN practice_set s ON s.gym_id = t.gym_id AND s.id = t.set_id' : '';
        // What hangs on somebody who was removed is removed with them.
        $orphans =
            null === $table->column('athlete_id')
                ? ''
                : ' LEFT JOIN athlete w ON w.gym_id = t.gym_id AND w.id = t.athlete_id';
        $gone = '' === $orphans ? $removed : "($removed OR w.removed_at IS NOT NULL)";
        if ($table->oneRow) {
            $where = 't.id = :gym';
            [$values, $types] = [[], []];
        }
        $scope = $table->oneRow ? '' : 't.gym_id = :gym AND ';
        // In the order of the key and no other: whichever table comes first, a page must not sort them all.
        $rows = $this->database->rows(
            "SELECT STRAIGHT_JOIN $selected, $gone AS removed FROM {$table->sqlTable} t$join$orphans
             WHERE $scope$where AND {$table->only} ORDER BY t.id LIMIT ".self::PAGE,
            $values,
            $types,
        );
        $stored = [];
        foreach ($rows as $row) {
            $read = [];
            foreach ($table->columns as $column) {
                $read[$column->name] = self::value($column, $row[$column->name] ?? null);
            }
            $stored[\is_string($read['id']) ? $read['id'] : ''] = new StoredRow($read, (bool) $row['removed']);
        }

        return $stored;
    }

    /**
     * @return array<string, true> ids of the athletes who were erased in this gym
     */
    public function erased(): array
    {
        $ids = [];
        foreach ($this->database->rows('SELECT LOWER(HEX(id)) AS id FROM erased WHERE gym_id = :gym') as $row) {
            $ids[self::dashed(\is_string($row['id']) ? $row['id'] : '')] = true;
        }

        return $ids;
    }

    private static function dashed(string $hex): string
    {
        return (string) preg_replace('/^(.{8})(.{4})(.{4})(.{4})(.{12})$/', '$1-$2-$3-$4-$5', $hex);
    }

    private static function selected(Table $table, Column $column): string
    {
        if ($table->oneRow && 'id' === $column->name) {
            return \sprintf("'%s' AS id", str_replace('-', '', Table::ONLY));
        }
        $name = 'drill' === $column->name ? 's.drill' : 't.'.$table->sqlNameOf($column);

        return ColumnKind::Id === $column->kind ? "LOWER(HEX($name)) AS {$column->name}" : "$name AS {$column->name}";
    }

    /**
     * @return string|int|float|bool|list<string>|null
     */
    private static function value(Column $column, mixed $stored): string|int|float|bool|array|null
    {
        if (null === $stored) {
            return null;
        }
        $text = \is_scalar($stored) ? (string) $stored : '';

        return match ($column->kind) {
            ColumnKind::Id => self::dashed($text),
            ColumnKind::Text => str_replace("\r\n", "\n", $text),
            ColumnKind::Choice, ColumnKind::Day => $text,
            ColumnKind::Number => (float) $text,
            ColumnKind::Whole => (int) $text,
            ColumnKind::Flag => (bool) $text,
            ColumnKind::Choices => self::words($column, $text),
            ColumnKind::Instant => str_replace(' ', 'T', substr($text, 0, 19)).'Z',
        };
    }

    /**
     * @return list<string> in the order of the column's list
     */
    private static function words(Column $column, string $json): array
    {
        $words = json_decode($json, true);

        return array_values(
            array_intersect($column->choices, \is_array($words) ? array_filter($words, is_string(...)) : []),
        );
    }
}
