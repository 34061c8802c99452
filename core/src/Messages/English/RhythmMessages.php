<?php

declare(strict_types=1);

namespace Zumbo\Core\Messages\English;

/**
 * What is said of the beat, what was heard, frames and the explorer. ICU messages by the verdict's code.
 */
final class RhythmMessages
{
    public const ALL = [
        'sound.clear' => '{landings, plural, one {# landing} other {# landings}} and {turns, plural, one {# turn} '
            .'other {# turns}} heard.',
        'sound.nothing' => '{landings, plural, =0 {No landing} one {# landing} other {# landings}} heard: too few to '
            .'count. Put the phone on the floor, two steps from the jumper.',
        'sound.noisy' => 'Too noisy to count: rope and feet hardly stand out. Without music, closer to the jumper, '
            .'one jumper at a time.',
        'sound.unlikely' => 'Not counted: {percent} % of what was heard is no jump that people make. Perhaps two '
            .'jumped at once.',
        'pattern.rounds_aim' => 'One round holds {round_in_100, plural, one {once} other {# times}} in 100, all {rounds} '
            .'rounds {in_100, plural, one {once} other {# times}}: unbroken can be the aim.',
        'pattern.rounds_by_time' => 'One round holds {round_in_100, plural, =0 {hardly ever} one {once} other {# times}} in '
            .'100, all {rounds} rounds {in_100, plural, =0 {hardly ever} one {once} other {# times}}: go by time, with '
            .'free restarts.',
        'pattern.whole_aim' => 'It holds {in_100, plural, one {once} other {# times}} in 100: unbroken can be the aim.',
        'pattern.whole_by_time' => 'It holds {in_100, plural, =0 {hardly ever} one {once} other {# times}} in 100: go by '
            .'time, with free restarts.',
        'rhythm.too_few' => '{jumps, plural, =0 {No jump} one {# jump} other {# jumps}}: {least} at least are needed '
            .'to say anything of the beat.',
        'rhythm.double_bounce' => 'Two jumps on one turn: jump once, land, let the rope come.',
        'rhythm.broken' => 'Jump {rep}, {kind, select, s {the single} S {the tall single} q {the quick single} d {the '
            .'double} other {the triple}}, is not the one of the pattern: begin again from there, slower.',
        'rhythm.broken_round' => 'Round {round}, {kind, select, s {the single} S {the tall single} q {the quick single} '
            .'d {the double} other {the triple}}: it is not the one of the pattern. Begin again from there, slower.',
        'rhythm.counts' => '{singles, plural, =0 {no singles} one {# single} other {# singles}}, {doubles, plural, =0 {no '
            .'doubles} one {# double} other {# doubles}}{more, plural, =0 {} one {, # triple or more} other {, # triples '
            .'or more}}, {misses, plural, =0 {no misses} one {# miss} other {# misses}}',
        'rhythm.counts_bounced' => '{singles, plural, one {# single} other {# singles}}, double bounce{doubles, plural, '
            .'=0 {} one {, # double} other {, # doubles}}{misses, plural, =0 {} one {, # miss} other {, # misses}}',
        'rhythm.counts_landings' => '{jumps, plural, one {# jump} other {# jumps}}, turns not told',
        'rhythm.pauses' => '{pauses, plural, one {One pause} other {# pauses, the longest}} of {longest} s, left out of '
            .'the beat.',
        'rhythm.uneven' => 'The beat is uneven, {percent} % from jump to jump: go with the click for a while.',
        'rhythm.rushing' => 'Getting faster, {from} to {to} a minute: hold the beat.',
        'rhythm.slowing' => 'Getting slower, {from} to {to} a minute: shorter sets.',
        'rhythm.watch' => '{cadence, plural, one {# jump} other {# jumps}} a minute, {percent} % from jump to jump: '
            .'almost even.',
        'rhythm.even' => '{cadence, plural, one {# jump} other {# jumps}} a minute, even: {percent} % from jump to '
            .'jump.',
        'frames.second_too_late' => 'The second pass comes {landed_ms} ms after the landing: the first one, {after_ms} ms '
            .'after take-off, is {late_ms} ms too late; {from_ms} to {to_ms} ms would do. Hands go as the toes leave.',
        'frames.too_slow' => 'At this rate two turns do not fit into this flight: turn quicker from the wrist.',
        'frames.late' => 'The first pass comes {after_ms} ms after take-off, {late_ms} ms too late: {from_ms} to {to_ms} ms '
            .'would do. Hands go as the toes leave.',
        'frames.early' => 'The first pass comes {after_ms} ms after take-off, {early_ms} ms too early: {from_ms} to {to_ms} '
            .'ms would do. Jump first, then the hands.',
        'frames.tucked' => 'Legs drawn up at the landing make it look higher than it was.',
        'frames.window' => 'For somebody of 175 cm with a thin coated cable, at this flight and rate.',
        'frames.high' => 'A rise of {jump_m}: higher than a double needs. Jump lower, turn quicker from the wrist.',
        'frames.sound' => 'Height and spin are sound: first pass {after_ms} ms after take-off, {from_ms} to {to_ms} ms would do.',
        'explorer.contact_first' => 'Turning evenly, {passes, plural, one {# pass needs} other {# passes need}} a '
            .'jump of {least_m}; {shorter_ms} ms less on the floor need only {shorter_m}. Shorten the contact first, '
            .'then quicken the wrist; jump higher last.',
        'explorer.wide_hands' => 'Each hand {out_m} wider: {rise_m} of arc are gone, which costs {more_m} more jump.',
    ];
}
