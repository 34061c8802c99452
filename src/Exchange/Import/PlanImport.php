<?php

declare(strict_types=1);

namespace Zumbo\App\Exchange\Import;

use Zumbo\App\Exchange\Rule\EntryRules;
use Zumbo\App\Exchange\Rule\HealthRules;
use Zumbo\App\Exchange\Rule\IncomingRow;
use Zumbo\App\Exchange\Rule\MeasureRules;
use Zumbo\App\Exchange\Rule\ReadRow;
use Zumbo\App\Exchange\Rule\RetiredColumns;
use Zumbo\App\Exchange\Rule\RowError;
use Zumbo\App\Exchange\Rule\RowReader;
use Zumbo\App\Exchange\Table\GymRows;
use Zumbo\App\Exchange\Table\StoredRow;
use Zumbo\App\Exchange\Table\Tables;
use Zumbo\App\Platform\Job\Progress;

/**
 * Compares the rows of a file with what the gym has; nothing is written.
 */
final readonly class PlanImport
{
    public function __construct(private GymRows $gym)
    {
    }

    /**
     * @param list<IncomingRow|RowError> $rows
     */
    public function of(array $rows, Progress $progress): ImportPlan
    {
        $plan = new ImportPlan();
        $progress->begin(\count($rows));
        $rows = $this->withoutErased($rows, $plan);
        $stored = [];
        $seen = [];
        $taken = [];
        $named = $this->namedIds($rows);
        foreach (RetiredColumns::unfold($rows) as $incoming) {
            $progress->step();
            if ($incoming instanceof RowError) {
                $plan->refuse($incoming);
                continue;
            }
            $table = $incoming->table;
            $row = RowReader::read($incoming);
            if (\is_array($row)) {
                array_map($plan->refuse(...), $row);
                continue;
            }
            $stored[$table->name] ??= $this->gym->stored($table);
            $mine = $stored[$table->name][$row->id] ?? null;
            $errors = self::errors($row, $mine, $seen, $named, $taken, $stored[$table->name]);
            $seen[$table->name.$row->id] = true;
            if ([] !== $errors) {
                array_map($plan->refuse(...), $errors);
            } elseif (null === $mine) {
                $plan->added[] = $row;
                $plan->show(ImportExample::ofNew($row));
                $plan->count($table, 'add');
            } elseif ($mine->saysAll($row)) {
                $plan->count($table, 'same');
            } else {
                $plan->changed[] = new ReadRow($table, $row->where, $row->id, $row->values + $mine->values);
                $plan->count($table, 'change');
                $plan->show(ImportExample::ofChange($row, $mine));
            }
        }

        return $plan;
    }

    /**
     * Whoever was erased here stays so: no older file brings them back, nor anything of theirs.
     *
     * @param list<IncomingRow|RowError> $rows
     *
     * @return list<IncomingRow|RowError>
     */
    private function withoutErased(array $rows, ImportPlan $plan): array
    {
        $erased = $this->gym->erased();
        $left = array_values(array_filter($rows, static function (IncomingRow|RowError $row) use ($erased): bool {
            $whose = $row instanceof IncomingRow
                ? $row->cells['athletes' === $row->table->name ? 'id' : 'athlete_id'] ?? null
                : null;

            return !\is_string($whose) || !isset($erased[strtolower($whose)]);
        }));
        $out = \count($rows) - \count($left);
        if ($out > 0) {
            $plan->show(\sprintf('Left out, of athletes who were erased here: %d %s', $out, 1 === $out ? 'row' : 'rows'));
        }

        return $left;
    }

    /**
     * @param list<IncomingRow|RowError> $rows
     *
     * @return array<string, array<string, true>> ids of this gym and of the file, by table that others name
     */
    private function namedIds(array $rows): array
    {
        $ids = [];
        foreach (Tables::named() as $table) {
            $ids[$table->name] = array_fill_keys(array_keys($this->gym->stored($table)), true);
        }
        foreach ($rows as $row) {
            $id = $row instanceof IncomingRow && isset($ids[$row->table->name]) ? $row->cells['id'] ?? null : null;
            if ($row instanceof IncomingRow && \is_string($id)) {
                $ids[$row->table->name][strtolower($id)] = true;
            }
        }

        return $ids;
    }

    /**
     * @param array<string, true>                $seen   rows of this file so far
     * @param array<string, array<string, true>> $named  ids that may be named, by table
     * @param array<string, string>              $taken  unique values of this file so far, with the id that has them
     * @param array<string, StoredRow>           $stored
     *
     * @return list<RowError>
     */
    private static function errors(
        ReadRow $row,
        ?StoredRow $mine,
        array $seen,
        array $named,
        array &$taken,
        array $stored,
    ): array {
        $errors = isset($seen[$row->table->name.$row->id])
            ? [RowError::of($row->where, 'id', $row->id, 'each row once; it stands further up already')]
            : [];
        foreach ($row->table->columns as $column) {
            if (null === $mine && !\array_key_exists($column->name, $row->values) && !$column->optional) {
                $errors[] = RowError::of($row->where, $column->name, null, $column->accepted());
            }
        }
        $whole = $row->values + ($mine->values ?? []);
        foreach ($row->table->columns as $column) {
            $id = $whole[$column->name] ?? null;
            if (null !== $column->of && \is_string($id) && !isset($named[$column->of][$id])) {
                $errors[] = RowError::of($row->where, $column->name, $id, $column->accepted());
            }
        }

        return [
            ...$errors,
            ...self::unique($row, $whole, $taken, $stored),
            ...EntryRules::errors($row, $whole),
            ...MeasureRules::errors($row, $whole),
            ...HealthRules::errors($row, $mine, $whole),
        ];
    }

    /**
     * @param array<string, mixed>     $whole
     * @param array<string, string>    $taken
     * @param array<string, StoredRow> $stored
     *
     * @return list<RowError>
     */
    private static function unique(ReadRow $row, array $whole, array &$taken, array $stored): array
    {
        $errors = [];
        foreach ($row->table->unique as $names) {
            $of = static fn (array $values): string => $row->table->name.
                ' '.
                implode(' ', $names).
                ': '.
                implode(
                    ' ',
                    array_map(
                        static fn (string $name): string => \is_string($values[$name] ?? null) ? $values[$name] : '',
                        $names,
                    ),
                );
            $read = 'read '.$row->table->name.' '.implode(' ', $names);
            if (!isset($taken[$read])) {
                foreach ($stored as $id => $other) {
                    // What was taken away leaves its place to others.
                    $taken += $other->removed ? [] : [$of($other->values) => $id];
                }
                $taken[$read] = '';
            }
            $key = $of($whole);
            if (($taken[$key] ?? $row->id) !== $row->id) {
                $shown = substr($key, (int) strpos($key, ': ') + 2);
                $errors[] = RowError::of(
                    $row->where,
                    implode(' and ', $names),
                    $shown,
                    \sprintf(
                        '%s that no other row has; it belongs to %s',
                        1 === \count($names) ? 'one' : 'a pair',
                        $taken[$key],
                    ),
                );
                continue;
            }
            $taken[$key] = $row->id;
        }

        return $errors;
    }
}
