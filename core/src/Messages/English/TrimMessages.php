<?php

declare(strict_types=1);

namespace Zumbo\Core\Messages\English;

/**
 * What is said of the way down to the goal length, and its tails. ICU messages by the verdict's code.
 */
final class TrimMessages
{
    public const ALL = [
        'trim.there' => '{cable_m} is there already: nothing to trim.',
        'trim.too_short' => '{cable_m} is shorter than the goal of {goal_m}: what is cut off can not be put back; it '
            .'takes another cable.',
        'trim.path' => '{steps, plural, one {# trim} other {# trims}} from {cable_m} to {goal_m}, never two in one '
            .'session. Nothing is cut until the length is settled: keep {spare_m} spare on each side, taped flat.',
        'trim.gate' => 'When the hands stay narrow and {sets, plural, one {one set holds} other {{sets, spellout} sets '
            .'hold}} at {before_m}.',
        'trim.gate_open' => 'The last {held, plural, one {set} other {# sets}} held without a miss. If the hands stay '
            .'narrow, take the next step.',
        'trim.gate_waits' => 'Held without a miss so far: {held} of {sets, plural, one {# set} other {# sets in a '
            .'row}}.',
        'trim.once_a_session' => 'This length is from today: never two steps in one session.',
        'trim.no_before' => 'Nothing was logged with the length before it: nothing to compare with. Go by the hands '
            .'and the sound.',
        'trim.wait' => '{entries} logged since the trim: wait for {least} at least, on more than one day.',
        'trim.helped' => 'Keep it: {after, plural, one {# miss} other {# misses}} in 100 reps since the trim, '
            .'{before} before it.',
        'trim.hurt' => 'Let it out again: {after, plural, one {# miss} other {# misses}} in 100 reps since the trim, '
            .'{before} before it. First check that the hands have not drifted out.',
        'trim.cannot_tell' => 'Cannot tell yet: {after, plural, one {# miss} other {# misses}} in 100 reps since the '
            .'trim, {before} before it. About {more} more logged would tell.',
        'trim.never_tells' => 'Cannot tell: {after, plural, one {# miss} other {# misses}} in 100 reps since the '
            .'trim, {before} before it, and too little was logged before it. Go by the hands and the sound.',
        'trim.too_much' => 'at most {most_m} shorter: {per_side_m} per side at once',
        'trim.same' => 'another length than it has now',
        'trim.tails_are_cut' => 'a shorter length: the tails are cut, it can’t be let out',
        'trim.one_step' => 'one step a session',
        'trim.trimmed_from' => 'trimmed from {before_m}',
        'trim.let_out_from' => 'let out from {before_m}',
        'tails.not_there' => 'Do not cut: {left_m} over the goal of {goal_m} are still to be trimmed, and a cut rope '
            .'can not be let out.',
        'tails.let_out_first' => 'Do not cut: misses became more with this length; let it out first.',
        'tails.too_new' => 'Do not cut yet: practices with this length so far: {practices}; wait for {least}. Keep '
            .'{spare_m} spare on each side, taped flat.',
        'tails.settled' => 'Settled: practices with this length: {practices}. The tails may be cut; a cut rope can '
            .'not be let out again.',
        'tails.cut' => 'The tails are cut: this rope can be trimmed, not let out.',
    ];
}
