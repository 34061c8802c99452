<?php

declare(strict_types=1);

namespace Zumbo\Core\Messages\English;

/**
 * What is said of gates, sets, entries, the class, load and cautions. ICU messages by the verdict's code.
 */
final class PathMessages
{
    private const BASED = 'Based on {attempts, plural, one {# attempt} other {# attempts}} in {sessions, plural, one '
        .'{# session} other {# sessions}}';

    /** What is usual at the stage, where it moves the chance by more than three points. */
    private const PRIOR = '{points, plural, =0 {} one { What is usual at this stage moves it {way, select, up {up} other '
        .'{down}} by # point in 100.} other { What is usual at this stage moves it {way, select, up {up} other {down}} '
        .'by # points in 100.}}';

    private const TALL = '{tall, number} of {tall_of, number} tall singles.';
    private const CONFIRM = ' To be confirmed at the first practice.';

    public const ALL = [
        'after.nothing' => 'Nothing was logged tonight yet',
        'after.did' => '{people, plural, one {# person} other {# people}}, {entries, plural, one {# entry} other {# entries}}'
            .'{records, plural, =0 {} one {, # record} other {, # records}}'
            .'{gates, plural, =0 {} one {, # gate opened} other {, # gates opened}}',
        'class.group' => '{people} share this fault: {fault}. A two-minute group drill: {drill}',
        'gate.unknown_streak' => 'Nothing logged yet towards {count} unbroken',
        'gate.unknown_tries' => 'Nothing logged yet towards {count} clean of {tries}',
        'gate.unknown_hold' => 'Nothing logged yet towards {count} s without a miss',
        'gate.hardly_streak' => 'Hardly ever reaches {count} unbroken yet',
        'gate.hardly_tries' => 'Hardly ever gets {count} clean of {tries} yet',
        'gate.hardly_hold' => 'Hardly ever holds {count} s without a miss yet',
        'gate.once_streak' => 'Reaches {count} about once in 10',
        'gate.once_tries' => 'Gets {count} clean of {tries} about once in 10',
        'gate.once_hold' => 'Holds {count} s without a miss about once in 10',
        'gate.in_ten_streak' => 'Reaches {count} about {in_ten, plural, one {once} other {# times}} in 10',
        'gate.in_ten_tries' => 'Gets {count} clean of {tries} about {in_ten, plural, one {once} other {# times}} in 10',
        'gate.in_ten_hold' => 'Holds {count} s without a miss about {in_ten, plural, one {once} other {# times}} in 10',
        'gate.almost_always_streak' => 'Reaches {count} almost every time',
        'gate.almost_always_tries' => 'Gets {count} clean of {tries} almost every time',
        'gate.almost_always_hold' => 'Holds {count} s without a miss almost every time',
        'gate.basis_none' => 'Nothing logged yet: based on what is usual at this stage.',
        'gate.basis_more' => self::BASED.': about {more} more would tell.'.self::PRIOR,
        'gate.basis_far' => self::BASED.': it would take more than {more} more to tell.'.self::PRIOR,
        'gate.basis_settled' => self::BASED.': enough to tell.'.self::PRIOR,
        'gate.basis_settled_sums' => self::BASED.', some as sums of a set, which tell less: enough to tell.'.self::PRIOR,
        'gate.next_open' => 'The gate is open: look at {quality}, then move on.',
        'gate.asked_streak' => '{count} unbroken, with {quality}',
        'gate.asked_tries' => '{count} clean of {tries}, {quality}',
        'gate.asked_hold' => '{count} s without a miss, {quality}',
        'gate.asked_form' => 'Five clean goes in a row, with {quality}',
        'gate.form' => '{clean, number} of the last {last, plural, one {go} other {# goes}} clean',
        'gate.next_waived' => 'Not asked here: {reason}. Look at {quality}, then move on.',
        'gate.next_step_back' => 'Step back to {stage}: what opens it held in fewer than 3 of 10 over three practices.',
        'gate.next_form' => '{clean, plural, one {One more clean go} other {# more clean goes in a row}}, with {quality}, and it is '
            .'open: the number is not asked.',
        'gate.next_first' => 'Log the first set of this stage.',
        'gate.next_quality' => 'Count is not all: log the next ones clean, with {quality}.',
        'gate.next_few' => 'It looks good, on few entries: log {missing} more to be sure.',
        'gate.next_nearly' => 'Nearly: {more, plural, one {# more} other {about # more}} would tell. Keep this set, one '
            .'cue only.',
        'gate.next_close' => 'Close: keep this set, one cue only.',
        'gate.unaware_stops' => 'Ready, and does not know it: stopped on purpose at {count} in {times} of the '
            .'{goes, plural, one {last go} other {last # goes}}. Let one go on until it breaks.',
        'gate.unaware_next' => 'Ready, and does not know it: {count} in a row would hold about {in_ten, plural, one '
            .'{once} other {# times}} in 10, and was never tried. Let them try.',
        'gate.next_practise' => 'Keep practising this set; shorter goes, more of them clean.',
        'setback.trim' => 'Misses rose since the trim: {before} in 100 before, {after} in 100 since. Look at the '
            .'hands first; if they are home, let one step out.',
        'setback.pause' => 'Misses rose since the pause: {before} in 100 before, {after} in 100 since. Shorter '
            .'goes this week, and no new drill.',
        'news.plateau' => 'No fewer misses over the last {practices, number} practices. Change one thing: another drill, the '
            .'rope, or an easier week.',
        'news.worse' => 'More misses over the last {practices, number} practices. Look at the rope and at how tired they come, '
            .'before the drill.',
        'set.planned' => 'As it is planned for tonight. {why}',
        'set.in_turn' => 'Drill {number} of {of} at this stage, in turn: {why}.',
        'gate.in_doubt' => '{sets, plural, one {One set is} other {# sets are}} in doubt: two coaches may have written '
            .'the same. Keep one or both.',
        'entry.ask_best' => '{reps, number}, where {best, number} is the best so far?',
        'entry.ask_seconds' => '{reps, plural, one {# rep} other {# reps}}, where the drill counts seconds?',
        'entry.miss' => '{reps}, miss',
        'entry.stopped' => '{reps}, stopped',
        'entry.time' => '{reps}, time',
        'entry.tries' => '{reps} clean of {tries}',
        'entry.hold' => '{reps} s, misses: {misses}',
        'entry.sum' => '{reps, plural, one {# rep} other {# reps}}, misses: {misses}',
        'class.nobody' => 'Nobody is here yet',
        'class.ready' => '{athletes} in the hall, nothing logged yet',
        'class.running' => '{athletes} in the hall, {logged} logged',
        'place.halts' => 'Placed at {stage}: the hops halt.'.self::CONFIRM,
        'place.bounces' => 'Placed at {stage}: two landings for each turn.'.self::CONFIRM,
        'place.no_turn' => 'Placed at {stage}: the rope does not come round yet.'.self::CONFIRM,
        'place.misses' => 'Placed at {stage}: {misses, plural, one {# miss} other {# misses}} in twenty seconds.'.self::CONFIRM,
        'place.singles' => 'Placed at {stage}: singles follow each other, '.self::TALL.self::CONFIRM,
        'place.tall' => 'Placed at {stage}: quiet singles '
            .'{misses, plural, =0 {without a miss} one {with one miss} other {with # misses}}, '.self::TALL.self::CONFIRM,
        'place.doubles' => 'Placed at {stage}: tall singles and {doubles, number} doubles, all landed tall.'.self::CONFIRM,
        'place.linked' => 'Placed at {stage}: by the best of three goes at doubles in a row.'.self::CONFIRM,
        'place.pain' => 'Something hurts: no jumps today. What it is comes first; see a professional if it lasts.',
        'place.in_a_row' => '{turns, number} singles and {misses, plural, =0 {no miss} one {one miss} other {# misses}}: {count, number} '
            .'in a row {in_ten, plural, =0 {hardly ever} one {about once in 10} =10 {nearly always} other {about # times in 10}}.',
        'place.may_be' => 'A double is there: may be {stage} already.',
        'class.left' => 'left early',
        'class.away' => 'not here tonight',
        'class.other_days' => 'comes on other days',
        'class.long_unseen' => 'not seen for {weeks} weeks',
        'class.needs_look' => '{athlete} needs a look',
    ];
}
