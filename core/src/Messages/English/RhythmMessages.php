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
        'rhythm.too_few' => '{jumps, plural, =0 {No jump} one {# jump} other {# jumps}}: {least} at least are needed '
            .'to say anything of the beat.',
        'rhythm.double_bounce' => 'Two jumps on one turn: jump once, land, let the rope come.',
        'rhythm.broken' => 'Jump {rep} is not the one of the pattern: begin again from there, slower.',
        'rhythm.uneven' => 'The beat is uneven, {percent} % from jump to jump: go with the click for a while.',
        'rhythm.rushing' => 'It gets faster, {drift, plural, one {# jump} other {# jumps}} a minute more each minute: '
            .'hold the beat.',
        'rhythm.slowing' => 'It gets slower, {drift, plural, one {# jump} other {# jumps}} a minute less each minute: '
            .'shorter sets.',
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
