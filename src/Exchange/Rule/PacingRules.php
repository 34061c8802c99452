<?php

declare(strict_types=1);

namespace Zumbo\App\Exchange\Rule;

use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Pacing\Run\RunLegs;
use Zumbo\Core\Pacing\Workout\WorkoutError;
use Zumbo\Core\Pacing\Workout\WorkoutText;

/**
 * What workouts, chosen ways and paced runs are held to: each text is a workout, and legs are legs.
 */
final class PacingRules
{
    private const WORKOUTS = ['workouts' => ['workout'], 'chosen_ways' => ['workout', 'doing'], 'paced_runs' => ['workout']];

    /**
     * @param array<string, mixed> $whole the row with what the gym has of it
     *
     * @return list<RowError>
     */
    public static function errors(ReadRow $row, array $whole): array
    {
        $errors = [];
        foreach (self::WORKOUTS[$row->table->name] ?? [] as $column) {
            $errors = [...$errors, ...self::workout($row, $column, $whole[$column] ?? null)];
        }

        return 'paced_runs' === $row->table->name ? [...$errors, ...self::legs($row, $whole['legs'] ?? null)] : $errors;
    }

    /**
     * @return list<RowError>
     */
    private static function workout(ReadRow $row, string $column, mixed $text): array
    {
        try {
            WorkoutText::read(\is_string($text) ? $text : '');
        } catch (WorkoutError $e) {
            return [RowError::of($row->where, $column, $text, $e->accepted)];
        }

        return [];
    }

    /**
     * @return list<RowError>
     */
    private static function legs(ReadRow $row, mixed $text): array
    {
        try {
            RunLegs::read(\is_string($text) ? $text : '');
        } catch (OutOfRange $e) {
            return [RowError::of($row->where, 'legs', $text, $e->accepted)];
        }

        return [];
    }
}
