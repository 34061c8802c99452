<?php

declare(strict_types=1);

namespace Zumbo\App\Exchange\Rule;

use Zumbo\App\Entity\Log\AttemptKind;
use Zumbo\Core\Streak\AttemptEnd;

/**
 * What must hold between the columns of a log entry: one go has an end and no misses, the other kinds have no end.
 */
final class EntryRules
{
    /**
     * @param array<string, mixed> $whole the row with what the gym has of it
     *
     * @return list<RowError>
     */
    public static function errors(ReadRow $row, array $whole): array
    {
        if (!$row->table->inPractice || !isset($whole['kind'])) {
            return [];
        }
        $go = AttemptKind::Streak->value === $whole['kind'];
        $errors = [];
        if ($go !== isset($whole['ended'])) {
            $errors[] = RowError::of(
                $row->where,
                'ended',
                $whole['ended'] ?? null,
                $go
                    ? 'one of '.implode(', ', array_column(AttemptEnd::cases(), 'value'))
                    : 'nothing, unless kind is streak',
            );
        }
        if ($go && 0 !== ($whole['misses'] ?? 0)) {
            $errors[] = RowError::of(
                $row->where,
                'misses',
                $whole['misses'],
                '0 when kind is streak: how it ended says the miss',
            );
        }

        return $errors;
    }
}
