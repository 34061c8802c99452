<?php

declare(strict_types=1);

namespace Zumbo\Core\Messages\English;

/**
 * What is said of a list that a coach brings. ICU messages by the verdict's code.
 */
final class ListMessages
{
    private const WHERE = 'Line {line, number}, {name}: ';
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
    ];
}
