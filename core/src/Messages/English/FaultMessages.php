<?php

declare(strict_types=1);

namespace Zumbo\Core\Messages\English;

/**
 * What is said of faults and cues. ICU messages by the verdict's code.
 */
final class FaultMessages
{
    public const ALL = [
        'fault.cue' => 'One cue: “{cue}”. Drill: {drill}.',
        'fault.check_rope_then' => 'Check the rope first. Then one cue: “{cue}”; drill: {drill}.',
        'fault.rope' => 'The rope, not the athlete: {drill}.',
        'cue.because' => 'Seen: {signs}. Most likely {fault} ({why}).',
        'cue.known' => 'Seen by the coach: {fault} ({why}).',
        'cue.step_back' => 'If {goes, plural, one {# go with this cue brings} other {# goes with this cue bring}} '
            .'nothing, step back to {stage}: {drill}.',
        'cue.watch' => 'Look at this one thing in the next set: does it still show “{sign}”? Log the goes clean or '
            .'rough by it.',
    ];
}
