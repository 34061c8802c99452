<?php

declare(strict_types=1);

namespace Zumbo\App\Exchange\Rule;

use Zumbo\App\Exchange\Table\StoredRow;
use Zumbo\Core\Body\Caution;
use Zumbo\Core\Body\Clearance;

/**
 * What a file may say of somebody's health: it may add, and it may bring a history along; what is noted here it can't
 * change, and so it lifts nothing.
 */
final class HealthRules
{
    private const STATEMENT = ['professional', 'professional_on', 'stated_by'];

    /**
     * @param array<string, mixed> $whole the row with what the gym has of it
     *
     * @return list<RowError>
     */
    public static function errors(ReadRow $row, ?StoredRow $mine, array $whole): array
    {
        if ('cautions' !== $row->table->name) {
            return [];
        }
        if (null !== $mine && !$mine->saysAll($row)) {
            return [RowError::of(
                $row->where,
                'id',
                $row->id,
                'a note that is not here yet: what is noted here no file changes or lifts',
            )];
        }

        return [...self::pain($row, $whole), ...self::lifting($row, $whole)];
    }

    /**
     * @param array<string, mixed> $whole
     *
     * @return list<RowError>
     */
    private static function pain(ReadRow $row, array $whole): array
    {
        $caution = Caution::tryFrom(self::text($whole, 'caution'));
        $easy = Caution::EasyWeeks === $caution;

        return !$easy && null !== ($whole['until_on'] ?? null)
            ? [RowError::of($row->where, 'until_on', $whole['until_on'], 'nothing, unless it is easy-weeks')]
            : [];
    }

    /**
     * @param array<string, mixed> $whole
     *
     * @return list<RowError>
     */
    private static function lifting(ReadRow $row, array $whole): array
    {
        $by = Clearance::tryFrom(self::text($whole, 'lifted_by'));
        $errors = [];
        if ((null === $by) !== (null === ($whole['lifted_on'] ?? null))) {
            $errors[] = RowError::of(
                $row->where,
                'lifted_on',
                $whole['lifted_on'] ?? null,
                'a day when lifted_by is there, else nothing',
            );
        }
        if (Clearance::Professional === $by) {
            foreach (self::STATEMENT as $name) {
                if ('' === self::text($whole, $name)) {
                    $errors[] = RowError::of($row->where, $name, null, 'what the athlete stated, when a professional cleared them');
                }
            }
        }

        return $errors;
    }

    /**
     * @param array<string, mixed> $whole
     */
    private static function text(array $whole, string $name): string
    {
        return \is_string($whole[$name] ?? null) ? $whole[$name] : '';
    }
}
