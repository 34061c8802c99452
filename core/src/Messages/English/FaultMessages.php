<?php

declare(strict_types=1);

namespace Zumbo\Core\Messages\English;

/**
 * What is said of faults and cues. ICU messages by the verdict's code.
 */
final class FaultMessages
{
    public const ALL = [
        'clinic.temper' => 'Enough for today: temper is up, and nothing is learned in anger. No cue. Cool down, or work '
            .'without jumping.',
        'clinic.load_late' => 'The load first: it shows when tired and was not seen when fresh. Shorter sets, planned breaks, '
            .'or enough for today. No cue.',
        'clinic.load' => 'The load first: nobody jumps well when tired. Shorter sets, planned breaks, or enough for today. '
            .'Look again when fresh. No cue.',
        'clinic.rope' => 'The rope first, not the athlete: {fault}. No cue until it is right.',
        'clinic.rope_likely' => 'Look at the rope first: {fault} is likelier than anything the athlete does. No cue until it was '
            .'looked at.',
        'clinic.technique' => 'Most likely {fault}.',
        'clinic.unsure' => 'Not sure yet: {first}, or {second}?',
        'clinic.unsure_of_many' => 'Not sure yet: {first}, {second} or something else?',
        'ask.look' => 'Look at this one thing in the next go: “{sign}”?',
        'ask.listen' => 'Listen for this one thing in the next go: “{sign}”?',
        'ask.feel' => 'Ask the athlete: “{sign}”?',
        'ask.count' => 'Watch the whole set for this one thing: “{sign}”?',
        'ask.rope' => 'Watch the rope in the next go: “{sign}”?',
        'check.length' => 'Check the length of the rope first: nobody did since its last change.',
        'check.condition' => 'Look the rope over first: kinks, bearings, sides of one length.',
        'check.weight' => 'Feel the rope first: is it too light or too heavy? A length that is right says nothing of it.',
        'check.then_length' => 'Then check the length of the rope, once.',
        'check.then_condition' => 'Then look the rope over, once.',
        'check.then_weight' => 'Then feel whether the rope is too light or too heavy.',
        'price.hands_wide' => 'What it costs: {each_hand_m} wider on each side is {rise_m} less arc, on this rope.',
        'cue.step_back_now' => '{goes, plural, one {# go} other {# goes}} brought nothing: step back to {stage}: {drill}.',
        'cue.worked' => 'Worked for them before: better in {better} of {goes, plural, one {# go} other {# goes}}.',
        'cue.instead' => 'Instead of “{other}”, which brought nothing in {goes, plural, one {# go} other {# goes}}.',
        'cue.here' => 'In this gym better in {better} of {goes, plural, one {# go} other {# goes}} ({low} to {high} in 100).',
        'cue.because' => 'Seen: {signs}. Most likely {fault} ({why}).',
        'cue.known' => 'Seen by the coach: {fault} ({why}).',
        'cue.step_back' => 'If {goes, plural, one {# go with this cue brings} other {# goes with this cue bring}} '
            .'nothing, step back to {stage}: {drill}.',
        'cue.watch' => 'Look at this one thing in the next set: does it still show “{sign}”? Log the goes clean or '
            .'rough by it.',
    ];
}
