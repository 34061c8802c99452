<?php

declare(strict_types=1);

namespace Zumbo\Core\Messages\English;

/**
 * What the question box asks, and its answers. ICU messages by the verdict's code.
 */
final class BoxMessages
{
    private const WHO = '{names} ';

    public const ALL = [
        'box.ask_ready' => 'Who is ready for the next stage?',
        'box.ready' => '{count, plural, =0 {Nobody is ready for the next stage today.} one {'.self::WHO.'is ready for the next stage.} '
            .'other {'.self::WHO.'are ready for the next stage.}}',
        'box.ask_linked' => 'Who is ready for linked doubles?',
        'box.linked' => '{count, plural, =0 {Nobody at Mix is ready for linked doubles yet.} one {'.self::WHO.'is ready for linked '
            .'doubles.} other {'.self::WHO.'are ready for linked doubles.}}',
        'box.ask_stuck' => 'Who is stuck, and since when?',
        'box.stuck' => '{count, plural, =0 {Nobody is stuck: whoever practises gets nearer.} one {'.self::WHO.'has practised for weeks '
            .'and is no nearer.} other {'.self::WHO.'have practised for weeks and are no nearer.}}',
        'box.ask_trimmed' => 'Whose misses rose after a rope change?',
        'box.trimmed' => '{count, plural, =0 {Nobody misses more since their rope was made shorter, as far as can be told.} one {'
            .self::WHO.'has more misses since the rope was made shorter.} other {'.self::WHO.'have more misses since their ropes were made '
            .'shorter.}}',
        'box.ask_easier' => 'Who needs an easier week?',
        'box.easier' => '{count, plural, =0 {Nobody: all weeks are within what the ones before allow.} one {'.self::WHO.'needs an '
            .'easier week.} other {'.self::WHO.'need an easier week.}}',
        'box.ask_away' => 'Who has not been here?',
        'box.away' => '{count, plural, =0 {Everybody practised within two weeks.} one {'.self::WHO.'has not practised for two weeks or '
            .'more.} other {'.self::WHO.'have not practised for two weeks or more.}}',
        'box.ask_rope' => 'Whose rope should change this week?',
        'box.rope' => '{count, plural, =0 {No rope has to change.} one {'.self::WHO.'needs a change of rope.} other {'.self::WHO
            .'need a change of rope.}}',
        'box.ask_off' => 'Who may not jump today?',
        'box.off' => '{count, plural, =0 {Everybody may jump today.} one {'.self::WHO.'may not jump today.} other {'.self::WHO
            .'may not jump today.}}',
        'box.ask_most' => 'Who jumps most this week?',
        'box.most' => '{count, plural, =0 {Nobody has jumped this week yet.} other {{first} jumped most this week: {most, plural, '
            .'one {# contact} other {# contacts}}.}}',
        'box.ask_record' => 'Who has a new best this month?',
        'box.record' => '{count, plural, =0 {No new best within four weeks.} one {'.self::WHO.'has a new best within four weeks.} other {'
            .self::WHO.'have new bests within four weeks.}}',
        'box.ask_cue' => 'Which cue helps most?',
        'box.ask_self' => 'Who counts themselves?',
        'box.self' => '{count, plural, =0 {Nobody has counted on their own card within four weeks.} one {'.self::WHO.'counts on their '
            .'own card.} other {'.self::WHO.'count on their own cards.}}',
        'box.chance' => 'passes {gate} again about {tenths, plural, one {once} other {# times}} in 10',
        'box.since' => 'at {stage} since {since}, {practices, plural, one {# practice} other {# practices}} in four weeks',
        'box.week' => '{contacts, number} of {most, plural, one {# contact} other {# contacts}} this week',
        'box.away_never' => 'nothing logged yet',
        'box.away_days' => '{days, plural, one {# day} other {# days}} since the last practice',
        'box.contacts' => '{contacts, plural, one {# contact} other {# contacts}}',
        'box.best' => '{reps} at {stage}, {before} before',
        'box.goes' => 'better in {better} of {goes, plural, one {# go} other {# goes}}, {low_percent} to {high_percent} in a hundred',
        'box.counted' => '{entries, plural, one {# entry} other {# entries}} of their own',
    ];
}
