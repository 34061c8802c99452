<?php

declare(strict_types=1);

namespace Zumbo\Core\Messages\English;

/**
 * What is said of a list that a coach brings. ICU messages by the verdict's code.
 */
final class ListMessages
{
    private const WHERE = 'Line {line, number}, {name}: ';
    private const DAY = 'like 2026-11-24 or 24 Nov 2026';
    private const LIKE = 'like 175, 1.75 m or 5 ft 9';

    public const ALL = [
        'list.no_name' => 'Line {line, number}: no name.',
        'list.long_name' => 'Line {line, number}: the name has more than 80 characters; is it one?',
        'list.twice' => self::WHERE.'stands in line {first, number} already. Somebody else? Write more of the name.',
        'list.no_height' => self::WHERE.'no height; '.self::LIKE.'.',
        'list.bad_height' => self::WHERE.'“{value}” is no height; '.self::LIKE.'.',
        'list.height_range' => self::WHERE.'height {value}: {accepted}.',
        'list.height_two_ways' => self::WHERE.'height “{value}” could be {accepted}: write the unit.',
        'list.bad_birth_year' => self::WHERE.'“{value}” is no birth year; like 1994, or a day with all four digits of the year.',
        'list.bad_hand' => self::WHERE.'“{value}” is no hand; right, left or both.',
        'list.bad_experience' => self::WHERE.'“{value}” says no experience; none, singles, some doubles or linked doubles.',
        'list.athletes' => '{new, plural, =0 {Nobody new} one {One new athlete} other {# new athletes}}{there, plural, =0 {} '
            .'one {; one is here already} other {; # are here already}}{look, plural, =0 {} one {; one line needs a look} '
            .'other {; # lines need a look}}',
        'list.empty' => 'Nothing is in it yet: paste a list, with a name and a height in each line.',
        'list.no_height_column' => 'No column of heights is seen: say below which one it is.',
        'entries.count' => '{new, plural, =0 {Nothing new} one {One new entry} other {# new entries}}{there, plural, =0 {} '
            .'one {; one is in the log already} other {; # are in the log already}}{look, plural, =0 {} '
            .'one {; one line needs a look} other {; # lines need a look}}',
        'entries.empty' => 'Nothing is in it yet: paste a list, with a day, a name and reps in each line.',
        'entries.no_day_column' => 'No column of days is seen: say below which one it is.',
        'entries.no_reps_column' => 'No column of reps is seen: say below which one it is.',
        'entries.no_day' => self::WHERE.'no day; '.self::DAY.'.',
        'entries.bad_day' => self::WHERE.'“{value}” is no day; '.self::DAY.'.',
        'entries.to_come' => self::WHERE.'{value} is still to come.',
        'entries.two_days' => self::WHERE.'{value} could be {one} or {other}: say which comes first, the day or the month.',
        'entries.nobody' => 'Line {line, number}: nobody here is called “{value}”; add them first, or write the name as it is here.',
        'entries.who' => 'Line {line, number}: “{value}” could be {names}: write more of the name.',
        'entries.bad_reps' => self::WHERE.'“{value}” is no count of reps; a whole number up to 9,999.',
        'entries.no_misses' => self::WHERE.'no misses; 0 if there were none.',
        'entries.bad_misses' => self::WHERE.'“{value}” is no count of misses; a whole number, 0 if there were none.',
    ];
}
