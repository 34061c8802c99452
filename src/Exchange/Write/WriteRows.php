<?php

declare(strict_types=1);

namespace Zumbo\App\Exchange\Write;

use Symfony\Bridge\Doctrine\Types\UuidType;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\Log\DaySums;
use Zumbo\App\Entity\People\GivenTags;
use Zumbo\App\Exchange\Rule\ReadRow;
use Zumbo\App\Exchange\Table\Column;
use Zumbo\App\Exchange\Table\ColumnKind;
use Zumbo\App\Exchange\Table\Table;
use Zumbo\App\Platform\Gym\GymDatabase;

/**
 * Writes rows of a file, many in one statement, inside the transaction of whoever calls.
 */
final readonly class WriteRows
{
    public function __construct(
        private GymDatabase $database,
        private ImportedPractices $practices,
        private DaySums $sums,
    ) {
    }

    /**
     * @param list<ReadRow> $rows
     * @param bool          $last at the end of a long write: others may have written to the same sets
     *
     * @return array<string, array{athlete: string, stage: string}> whose days are to be counted
     */
    public function add(array $rows, GivenTags $given, bool $last = false): array
    {
        $pairs = [];
        foreach (self::byTable($rows) as $of) {
            $sets = $this->practices->setsFor($of, $last);
            $values = $types = $places = [];
            $names = [];
            foreach ($of as $i => $row) {
                $read = self::values($row, $given, $sets);
                $names = array_keys($read);
                foreach ($read as $name => $value) {
                    $values[$name.$i] = $value;
                    $types += $value instanceof Uuid ? [$name.$i => UuidType::NAME] : [];
                }
                $places[] = '(:gym, :'.implode("$i, :", $names).$i.')';
            }
            $this->database->execute(
                \sprintf(
                    'INSERT INTO %s (gym_id, %s) VALUES %s',
                    $of[0]->table->sqlTable,
                    implode(', ', $names),
                    implode(', ', $places),
                ),
                $values,
                $types,
            );
            $pairs += $this->sums->renewApart(array_values($sets), $last);
        }

        return $pairs;
    }

    /**
     * @param list<ReadRow> $rows
     *
     * @return array<string, array{athlete: string, stage: string}> whose days are to be counted
     */
    public function change(array $rows, GivenTags $given): array
    {
        $pairs = [];
        foreach (self::byTable($rows) as $of) {
            $before = $this->practices->setsOf($of);
            $sets = $this->practices->setsFor($of);
            foreach ($of as $row) {
                $this->changeOne($row, self::values($row, $given, $sets));
            }
            if ($of[0]->table->oneRow) {
                // What was read of the gym before is not so any more.
                $this->database->entities()->clear();
            }
            $pairs += $this->sums->renewApart([...$before, ...array_values($sets)], false);
        }

        return $pairs;
    }

    /** When an entry was logged, as files write it; nothing: it is not there, or gone. */
    public function loggedAt(Uuid $entry): string
    {
        // A reading that locks sees what was committed since.
        $row = $this->database->rows(
            "SELECT DATE_FORMAT(logged_at, '%Y-%m-%dT%H:%i:%sZ') AS at FROM attempt WHERE gym_id = :gym AND id = :id
             LOCK IN SHARE MODE",
            ['id' => $entry],
            ['id' => UuidType::NAME],
        )[0] ?? [];

        return \is_string($row['at'] ?? null) ? $row['at'] : '';
    }

    /**
     * @param array<string, array{athlete: string, stage: string}> $pairs
     */
    public function finish(array $pairs): void
    {
        $this->sums->countDays($pairs);
    }

    /**
     * @param array<string, mixed> $values
     */
    private function changeOne(ReadRow $row, array $values): void
    {
        $set = array_map(static fn (string $name): string => "$name = :$name", array_diff(array_keys($values), ['id']));
        $kept = match (true) {
            $row->table->kept => ', version = version + 1, removed_at = NULL',
            $row->table->oneRow => ', version = version + 1',
            default => '',
        };
        $this->database->execute(
            \sprintf(
                'UPDATE %s SET %s%s WHERE %s',
                $row->table->sqlTable,
                implode(', ', $set),
                $kept,
                $row->table->oneRow ? 'id = :gym' : 'gym_id = :gym AND id = :id',
            ),
            $row->table->oneRow ? array_diff_key($values, ['id' => true]) : $values,
            array_map(static fn (): string => UuidType::NAME, array_filter($values, self::isUuid(...))),
        );
    }

    private static function isUuid(mixed $value): bool
    {
        return $value instanceof Uuid;
    }

    /**
     * @param list<ReadRow> $rows
     *
     * @return array<string, non-empty-list<ReadRow>>
     */
    private static function byTable(array $rows): array
    {
        $by = [];
        foreach ($rows as $row) {
            $by[$row->table->name][] = $row;
        }

        return $by;
    }

    /**
     * @param array<string, Uuid> $sets by row
     *
     * @return array<string, mixed> by name in the database
     */
    private static function values(ReadRow $row, GivenTags $given, array $sets): array
    {
        $values = [];
        foreach ($row->table->columns as $column) {
            if (!self::isKeptElsewhere($row->table, $column)) {
                $values[$row->table->sqlNameOf($column)] = self::stored(
                    $column,
                    $row->values[$column->name] ?? $column->default,
                );
            }
        }
        if ('athletes' === $row->table->name) {
            $values['tag'] = $given->keptOr($row->text('log_tag'), Uuid::fromString($row->text('id')), $row->text('name'));
        }
        if ($row->table->inPractice) {
            $values['set_id'] = $sets[$row->id];
        }

        return $values;
    }

    private static function isKeptElsewhere(Table $table, Column $column): bool
    {
        return $table->inPractice && 'drill' === $column->name;
    }

    /**
     * @param string|int|float|bool|list<string>|null $value
     */
    private static function stored(Column $column, string|int|float|bool|array|null $value): mixed
    {
        return match (true) {
            \is_array($value) => json_encode($value, \JSON_THROW_ON_ERROR),
            \is_bool($value) => (int) $value,
            ColumnKind::Id === $column->kind && \is_string($value) => Uuid::fromString($value),
            ColumnKind::Instant === $column->kind && \is_string($value) => strtr($value, ['T' => ' ', 'Z' => '']),
            default => $value,
        };
    }
}
