<?php

declare(strict_types=1);

namespace Zumbo\App\Exchange\Import;

use Symfony\Bridge\Doctrine\Types\UuidType;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\People\AthleteTags;
use Zumbo\App\Entity\People\GivenTags;
use Zumbo\App\Exchange\Rule\ReadRow;
use Zumbo\App\Exchange\Table\Column;
use Zumbo\App\Exchange\Table\ColumnKind;
use Zumbo\App\Exchange\Table\Tables;
use Zumbo\App\Platform\Gym\GymDatabase;
use Zumbo\App\Platform\Job\Progress;

/**
 * Writes what a plan says, inside the transaction of whoever calls.
 */
final readonly class WriteRows
{
    public function __construct(private GymDatabase $database, private ImportedPractices $practices, private AthleteTags $tags)
    {
    }

    public function of(ImportPlan $plan, Progress $progress): void
    {
        $progress->begin(\count($plan->added) + \count($plan->changed));
        $this->practices->open();
        $given = $this->tags->given();
        foreach (Tables::all() as $table) {
            foreach ($plan->added as $row) {
                if ($row->table->name === $table->name) {
                    $this->add($row, $given);
                    $progress->step();
                }
            }
            foreach ($plan->changed as $row) {
                if ($row->table->name === $table->name) {
                    $this->change($row, $given);
                    $progress->step();
                }
            }
        }
    }

    private function add(ReadRow $row, GivenTags $given): void
    {
        [$values, $types] = $this->values($row, $given);
        $names = array_keys($values);
        $this->database->execute(
            \sprintf(
                'INSERT INTO %s (gym_id, %s) VALUES (:gym, :%s)',
                $row->table->sqlTable,
                implode(', ', $names),
                implode(', :', $names),
            ),
            $values,
            $types,
        );
    }

    private function change(ReadRow $row, GivenTags $given): void
    {
        [$values, $types] = $this->values($row, $given);
        $set = array_map(static fn (string $name): string => "$name = :$name", array_diff(array_keys($values), ['id']));
        $kept = $row->table->kept ? ', version = version + 1, removed_at = NULL' : '';
        $this->database->execute(
            \sprintf(
                'UPDATE %s SET %s%s WHERE gym_id = :gym AND id = :id',
                $row->table->sqlTable,
                implode(', ', $set),
                $kept,
            ),
            $values,
            $types,
        );
    }

    /**
     * @return array{array<string, mixed>, array<string, string>} values and types by name in the database
     */
    private function values(ReadRow $row, GivenTags $given): array
    {
        $values = $types = [];
        foreach ($row->table->columns as $column) {
            if ('drill' === $column->name) {
                continue;
            }
            $name = $row->table->sqlNameOf($column);
            $values[$name] = self::stored($column, $row->values[$column->name] ?? $column->default);
            if (ColumnKind::Id === $column->kind) {
                $types[$name] = UuidType::NAME;
            }
        }
        if ('athletes' === $row->table->name) {
            $values['tag'] = $given->keptOr($row->text('log_tag'), Uuid::fromString($row->text('id')), $row->text('name'));
        }
        if ($row->table->inPractice) {
            $values['set_id'] = $this->practices->setFor(
                $row->text('athlete_id'),
                $row->text('drill'),
                $row->text('stage'),
                $row->text('logged_at'),
            );
            $types['set_id'] = UuidType::NAME;
        }

        return [$values, $types];
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
