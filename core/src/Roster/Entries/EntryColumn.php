<?php

declare(strict_types=1);

namespace Zumbo\Core\Roster\Entries;

use Zumbo\Core\Roster\Athletes\AthleteColumn;

/**
 * What a column of a log holds. Everything else is left where it is: a comment is no matter of ours.
 */
enum EntryColumn: string
{
    case Date = 'date';
    case FirstName = 'first-name';
    case LastName = 'last-name';
    case Name = 'name';
    case Reps = 'reps';
    case Misses = 'misses';

    /** By which words a heading says it, the narrower first; common practice in some languages. */
    private const WORDS = [
        'misses' => '/\bmiss|\btrip|\bfail|\bfault|error|\btangle|\bbreaks?\b|fehler|fallos|erreur|\bfout/',
        'date' => '/\bdate\b|\bday\b|\bwhen\b|datum|\btag\b|fecha|\bdia\b|\bjour\b|\bdata\b|timestamp/',
        'reps' => '/\breps?\b|unbroken|\bcount|\bdus?\b|double|single|in a row|streak|\bmax\b|\bbest\b|score|result|jumps'
            .'|\bwdh\b|wiederhol|repet|anzahl|number of/',
    ];

    /** @return self|null null: nothing that is read here */
    public static function ofHeading(string $heading): ?self
    {
        $plain = trim((string) preg_replace('/[^\p{L}\d]+/u', ' ', mb_strtolower($heading)));
        foreach (self::WORDS as $column => $words) {
            if (1 === preg_match($words, $plain)) {
                return self::from($column);
            }
        }

        return match (AthleteColumn::ofHeading($heading)) {
            AthleteColumn::FirstName => self::FirstName,
            AthleteColumn::LastName => self::LastName,
            AthleteColumn::Name => self::Name,
            default => null,
        };
    }
}
