<?php

declare(strict_types=1);

namespace Zumbo\App\Pacing\Together;

use Zumbo\App\Shared\Sheet\CsvText;

/**
 * A workout for the class as a table.
 */
final class ClassPacingCsv
{
    private const HEAD = [
        'athlete', 'stage', 'sets', 'expected_s', 'p10_s', 'p90_s', 'chance_stuck', 'chance_in_cap', 'way', 'way_s', 'way_doubles',
        'way_contacts', 'way_text', 'why', 'together_number', 'together_s',
    ];

    public static function of(ClassPacingView $class): string
    {
        return CsvText::of(self::HEAD, array_map(static fn (ClassRowView $row): array => [
            $row->name,
            $row->stageNumber,
            implode('-', $row->plan),
            round($row->expectedS, 1),
            round($row->p10S, 1),
            round($row->p90S, 1),
            round($row->stuck, 3),
            null === $row->chanceInCap ? null : round($row->chanceInCap, 3),
            ($row->chosen->scaling ?? $row->recommended)?->value,
            round($row->scaledS, 1),
            $row->scaledDoubles,
            $row->scaledContacts,
            $row->scaledText,
            $row->notToday->sentence ?? $row->chosen->reason ?? $row->why?->sentence,
            $row->level?->number,
            null === $row->level ? null : round($row->level->expectedS, 1),
        ], $class->rows));
    }
}
