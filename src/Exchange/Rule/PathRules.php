<?php

declare(strict_types=1);

namespace Zumbo\App\Exchange\Rule;

use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Method\ChosenWays;
use Zumbo\Core\Method\UnknownWay;
use Zumbo\Core\Path\GateChoice;
use Zumbo\Core\Path\GateSetting;
use Zumbo\Core\Rhythm\Pattern;
use Zumbo\Core\Rhythm\PatternError;
use Zumbo\Core\Stage\Stage;

/**
 * What ways of teaching, gates and own drills are held to.
 */
final class PathRules
{
    /**
     * @param array<string, mixed> $whole
     *
     * @return list<RowError>
     */
    public static function errors(ReadRow $row, array $whole): array
    {
        return [
            ...self::ways($row, $whole),
            ...'gates' === $row->table->name ? self::gate($row, $whole) : [],
            ...'drills' === $row->table->name ? self::drill($row, $whole) : [],
        ];
    }

    /**
     * @param array<string, mixed> $whole
     *
     * @return list<RowError>
     */
    private static function ways(ReadRow $row, array $whole): array
    {
        try {
            ChosenWays::read(\is_string($whole['ways'] ?? null) ? $whole['ways'] : '');
        } catch (UnknownWay $e) {
            return [RowError::of($row->where, 'ways', $e->given, $e->accepted)];
        }

        return [];
    }

    /**
     * @param array<string, mixed> $whole
     *
     * @return list<RowError>
     */
    private static function gate(ReadRow $row, array $whole): array
    {
        $stage = \is_string($whole['stage'] ?? null) ? Stage::tryFrom($whole['stage']) : null;
        $choice = \is_string($whole['choice'] ?? null) ? GateChoice::tryFrom($whole['choice']) : null;
        if (null === $stage || null === $choice) {
            return [];
        }

        try {
            GateSetting::of(
                $stage,
                $choice,
                \is_int($whole['asked'] ?? null) ? $whole['asked'] : null,
                true === ($whole['with_feet'] ?? null),
            );
        } catch (OutOfRange $e) {
            return [RowError::of($row->where, 'asked', $whole['asked'] ?? null, $e->accepted)];
        }

        return [];
    }

    /**
     * @param array<string, mixed> $whole
     *
     * @return list<RowError>
     */
    private static function drill(ReadRow $row, array $whole): array
    {
        try {
            Pattern::parse(\is_string($whole['notation'] ?? null) ? $whole['notation'] : '');
        } catch (PatternError $e) {
            return [RowError::of($row->where, 'notation', $whole['notation'] ?? null, $e->accepted)];
        }

        return [];
    }
}
