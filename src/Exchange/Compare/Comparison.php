<?php

declare(strict_types=1);

namespace Zumbo\App\Exchange\Compare;

use Symfony\Component\Uid\Uuid;
use Zumbo\App\Exchange\Rule\EntryRules;
use Zumbo\App\Exchange\Rule\HealthRules;
use Zumbo\App\Exchange\Rule\IncomingRow;
use Zumbo\App\Exchange\Rule\MeasureRules;
use Zumbo\App\Exchange\Rule\PacingRules;
use Zumbo\App\Exchange\Rule\PathRules;
use Zumbo\App\Exchange\Rule\ReadRow;
use Zumbo\App\Exchange\Rule\RowError;
use Zumbo\App\Exchange\Rule\RowReader;
use Zumbo\App\Exchange\Rule\SettingsRules;
use Zumbo\App\Exchange\Rule\TrailRules;
use Zumbo\App\Exchange\Table\GymRows;
use Zumbo\App\Exchange\Table\StoredRow;
use Zumbo\App\Exchange\Table\Tables;

/**
 * One file held against one gym, batch by batch: which rows are new, which change something, and what can't be taken.
 */
final class Comparison
{
    public readonly ImportPlan $plan;

    private readonly SeenIds $seen;

    /** @var array<string, true> */
    private readonly array $erased;

    private int $leftOut = 0;

    /** @var array<string, string> unique values so far, with the id that has them */
    private array $taken = [];

    /**
     * @param array<string, array<string, true>> $named ids that may be named, by table
     */
    public function __construct(private readonly GymRows $gym, private readonly array $named)
    {
        $this->plan = new ImportPlan();
        $this->seen = new SeenIds();
        $this->erased = $gym->erased();
    }

    /**
     * @param list<IncomingRow|RowError> $batch
     *
     * @return array{list<ReadRow>, list<ReadRow>} what is new, and what changes, with all its columns
     */
    public function batch(array $batch): array
    {
        $rows = $this->read($batch);
        $stored = $this->stored($rows);
        $added = $changed = [];
        foreach ($rows as $row) {
            if (\is_array($row)) {
                array_map($this->plan->refuse(...), $row);
                continue;
            }
            $mine = $stored[$row->table->name][$row->id] ?? null;
            $errors = $this->errors($row, $mine);
            if ([] !== $errors) {
                array_map($this->plan->refuse(...), $errors);
            } elseif (null === $mine) {
                $added[] = $row;
                $this->plan->show(ImportExample::ofNew($row));
                $this->plan->count($row->table, 'add');
            } elseif ($mine->saysAll($row)) {
                $this->plan->count($row->table, 'same');
            } else {
                $changed[] = new ReadRow($row->table, $row->where, $row->id, $row->values + $mine->values);
                $this->plan->count($row->table, 'change');
                $this->plan->show(ImportExample::ofChange($row, $mine));
            }
        }

        return [$added, $changed];
    }

    public function sumUp(): void
    {
        if ($this->leftOut > 0) {
            $this->plan->show(\sprintf(
                'Left out, of athletes who were erased here: %d %s',
                $this->leftOut,
                1 === $this->leftOut ? 'row' : 'rows',
            ));
        }
    }

    public function hasEntry(Uuid $id): bool
    {
        return $this->seen->has(Tables::all()['attempts'], $id->toRfc4122());
    }

    /**
     * @param list<IncomingRow|RowError> $batch
     *
     * @return list<ReadRow|non-empty-list<RowError>>
     */
    private function read(array $batch): array
    {
        $rows = [];
        foreach ($batch as $incoming) {
            if ($incoming instanceof RowError) {
                $rows[] = [$incoming];
                continue;
            }
            // Whoever was erased here stays so: no older file brings them back, nor anything of theirs.
            $whose = $incoming->cells['athletes' === $incoming->table->name ? 'id' : 'athlete_id'] ?? null;
            if (\is_string($whose) && isset($this->erased[strtolower($whose)])) {
                ++$this->leftOut;
                continue;
            }
            $rows[] = RowReader::read($incoming);
        }

        return $rows;
    }

    /**
     * @param list<ReadRow|non-empty-list<RowError>> $rows
     *
     * @return array<string, array<string, StoredRow>> by table and id
     */
    private function stored(array $rows): array
    {
        $ids = $tables = $stored = [];
        foreach ($rows as $row) {
            if ($row instanceof ReadRow) {
                $tables[$row->table->name] = $row->table;
                $ids[$row->table->name][] = $row->id;
            }
        }
        foreach ($tables as $name => $table) {
            $stored[$name] = $this->gym->those($table, $ids[$name]);
        }

        return $stored;
    }

    /**
     * @return list<RowError>
     */
    private function errors(ReadRow $row, ?StoredRow $mine): array
    {
        $errors = $this->seen->meet($row->table, $row->id)
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
            if (null !== $column->of && \is_string($id) && !isset($this->named[$column->of][$id])) {
                $errors[] = RowError::of($row->where, $column->name, $id, $column->accepted());
            }
        }

        return [
            ...$errors,
            ...$this->unique($row, $whole),
            ...EntryRules::errors($row, $whole),
            ...MeasureRules::errors($row, $whole),
            ...HealthRules::errors($row, $mine, $whole),
            ...SettingsRules::errors($row, $whole),
            ...PathRules::errors($row, $whole),
            ...PacingRules::errors($row, $whole),
            ...TrailRules::errors($row, $mine),
        ];
    }

    /**
     * @param array<string, mixed> $whole
     *
     * @return list<RowError>
     */
    private function unique(ReadRow $row, array $whole): array
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
            if (!isset($this->taken[$read])) {
                foreach ($this->gym->all($row->table) as $id => $other) {
                    // What was taken away leaves its place to others.
                    $this->taken += $other->removed ? [] : [$of($other->values) => $id];
                }
                $this->taken[$read] = '';
            }
            $key = $of($whole);
            if (($this->taken[$key] ?? $row->id) !== $row->id) {
                $shown = substr($key, (int) strpos($key, ': ') + 2);
                $errors[] = RowError::of(
                    $row->where,
                    implode(' and ', $names),
                    $shown,
                    \sprintf(
                        '%s that no other row has; it belongs to %s',
                        1 === \count($names) ? 'one' : 'a pair',
                        $this->taken[$key],
                    ),
                );
                continue;
            }
            $this->taken[$key] = $row->id;
        }

        return $errors;
    }
}
