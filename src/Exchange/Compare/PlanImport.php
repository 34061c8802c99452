<?php

declare(strict_types=1);

namespace Zumbo\App\Exchange\Compare;

use Zumbo\App\Exchange\Rule\IncomingRow;
use Zumbo\App\Exchange\Rule\ReadRow;
use Zumbo\App\Exchange\Rule\RetiredColumns;
use Zumbo\App\Exchange\Rule\RowError;
use Zumbo\App\Exchange\Table\GymRows;
use Zumbo\App\Exchange\Table\Tables;
use Zumbo\App\Platform\Job\Progress;

/**
 * Compares the rows of a file with what the gym has, some hundred at a time, however long the file is.
 */
final readonly class PlanImport
{
    private const BATCH = 500;

    public function __construct(private GymRows $gym)
    {
    }

    /**
     * @param (callable(list<ReadRow> $added, list<ReadRow> $changed): void)|null $take what may be written of each batch
     */
    public function of(WaitingFile $file, Progress $progress, ?callable $take = null): Comparison
    {
        [$count, $named] = $this->lookThrough($file);
        $progress->begin($count);
        $comparison = new Comparison($this->gym, $named);
        $batch = [];
        foreach ($file as $incoming) {
            $progress->step();
            foreach ($incoming instanceof RowError ? [$incoming] : RetiredColumns::unfold($incoming) as $row) {
                $batch[] = $row;
            }
            if (\count($batch) >= self::BATCH) {
                self::give($comparison->batch($batch), $take);
                $batch = [];
            }
        }
        self::give($comparison->batch($batch), $take);
        $comparison->sumUp();

        return $comparison;
    }

    /**
     * @param array{list<ReadRow>, list<ReadRow>} $rows
     */
    private static function give(array $rows, ?callable $take): void
    {
        if (null !== $take && [[], []] !== $rows) {
            $take(...$rows);
        }
    }

    /**
     * @return array{int, array<string, array<string, true>>} how many rows there are; the ids of this gym and of the
     *                                                        file, by table that others name
     */
    private function lookThrough(WaitingFile $file): array
    {
        $named = [];
        foreach (Tables::named() as $table) {
            $named[$table->name] = [];
            foreach ($this->gym->all($table) as $id => $row) {
                $named[$table->name][$id] = true;
            }
        }
        $count = 0;
        foreach ($file as $row) {
            ++$count;
            $id = $row instanceof IncomingRow && isset($named[$row->table->name]) ? $row->cells['id'] ?? null : null;
            if ($row instanceof IncomingRow && \is_string($id)) {
                $named[$row->table->name][strtolower($id)] = true;
            }
        }

        return [$count, $named];
    }
}
