<?php

declare(strict_types=1);

namespace Zumbo\App\Exchange\Rule;

use Zumbo\App\Exchange\Table\Table;
use Zumbo\Core\Today\ClassTimes;
use Zumbo\Core\Today\UnreadableClassTimes;

/**
 * What a gym's own row is held to.
 */
final class SettingsRules
{
    /**
     * @param array<string, mixed> $whole
     *
     * @return list<RowError>
     */
    public static function errors(ReadRow $row, array $whole): array
    {
        if (!$row->table->oneRow) {
            return [];
        }
        $errors = [];
        if (Table::ONLY !== $row->id) {
            $errors[] = RowError::of($row->where, 'id', $row->id, Table::ONLY.', which every gym\'s own row has');
        }
        $zone = $whole['time_zone'] ?? null;
        if (!\in_array($zone, \DateTimeZone::listIdentifiers(\DateTimeZone::ALL_WITH_BC), true)) {
            $errors[] = RowError::of($row->where, 'time_zone', $zone, 'the time zone of a city, like Europe/London');
        }

        try {
            ClassTimes::read(\is_string($whole['class_times'] ?? null) ? $whole['class_times'] : '');
        } catch (UnreadableClassTimes $e) {
            $errors[] = RowError::of($row->where, 'class_times', $e->written, $e->accepted);
        }

        return $errors;
    }
}
