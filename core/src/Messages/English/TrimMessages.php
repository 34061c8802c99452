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
        'trim.wait' => 'Too early to tell: {before_tries, plural, one {# try} other {# tries}} before the trim and '
            .'{after_tries} since; from {least} on each length a difference can be looked at.',
        'trim.helped' => 'It helped: of 100 tries {after} are missed since the trim, {before} were before it; the change '
            .'lies between {low} and {high}.',
        'trim.hurt' => 'Misses became more: of 100 tries {after} are missed since the trim, {before} were before it; '
            .'the change lies between {low} and {high}. Look at the hands first: if they are narrow and low, let one step out.',
        'trim.cannot_tell' => 'Cannot tell yet: of 100 tries {after} are missed since the trim, {before} were before '
            .'it; the change lies between {low} and {high}. To see even a doubling takes roughly {tries} tries on each length.',
        'trim.cannot_tell_without_misses' => 'Cannot tell yet: of 100 tries {after} are missed since the trim, '
            .'{before} were before it; the change lies between {low} and {high}. Go by the hands and the sound.',
        'trim.lifts' => '{off_m} of cable: the lowest point of the arc rises by about {lifts_m}.',
        'trim.too_much' => 'at most {most_m} shorter: {per_side_m} per side at once',
        'trim.same' => 'another length than it has now',
        'trim.tails_are_cut' => 'a shorter length: the tails are cut, it can’t be let out',
        'trim.one_step' => 'one step a session',
        'trim.trimmed_from' => 'trimmed from {before_m}',
        'trim.let_out_from' => 'let out from {before_m}',
        'tails.not_there' => 'Do not cut: it is {left_m} over the goal of {goal_m}, and a cut rope can not be let out.',
        'tails.no_length' => 'Do not cut: no length is settled yet.',
        'tails.not_right' => 'Do not cut: the length is not right yet.',
        'tails.growing_age' => 'Do not cut: under {from} the spare is needed to let the rope out.',
        'tails.growing_heights' => 'Do not cut: the heights of this year rise, and the spare is needed to let it out.',
        'tails.let_out_first' => 'Do not cut: misses became more with this length; let it out first.',
        'tails.too_new' => 'Do not cut yet: practices with this length so far: {practices}; wait for {least}. Keep '
            .'{spare_m} spare on each side, taped flat.',
        'tails.settled' => 'Settled: practices with this length: {practices}. The tails may be cut; a cut rope can '
            .'not be let out again.',
        'tails.cut' => 'The tails are cut: this rope can be trimmed, not let out.',
    ];
}
