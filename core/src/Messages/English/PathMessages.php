<?php

declare(strict_types=1);

namespace Zumbo\Core\Messages\English;

/**
 * What is said of gates, sets, entries, the class, load and cautions. ICU messages by the verdict's code.
 */
final class PathMessages
{
    public const ALL = [
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
        'gate.basis_none' => 'Rests on what is usual at this stage alone.',
        'gate.basis_more' => 'Rests on {entries} logged; about {more} more would settle it.',
        'gate.basis_far' => 'Rests on {entries} logged; it would take more than {more} to settle it.',
        'gate.basis_settled' => 'Rests on {entries} logged; settled.',
        'gate.basis_settled_sums' => 'Rests on {entries} logged, some as sums of a set, which tell less; settled.',
        'gate.next_open' => 'The gate is open: look at {quality}, then move on.',
        'gate.next_first' => 'Log the first set of this stage.',
        'gate.next_quality' => 'Count is not all: log the next ones clean, with {quality}.',
        'gate.next_few' => 'It looks good on little: log {missing} more to be sure.',
        'gate.next_close' => 'Close: keep this set, one cue only.',
        'gate.next_practise' => 'Keep practising this set; shorter goes, more of them clean.',
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
        'class.needs_look' => '{athlete} needs a look',
    ];
}
