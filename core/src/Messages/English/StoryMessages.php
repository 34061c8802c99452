<?php

declare(strict_types=1);

namespace Zumbo\Core\Messages\English;

/**
 * What is said of months: of one athlete, and of a gym. ICU messages by the verdict's code.
 */
final class StoryMessages
{
    public const ALL = [
        'story.none' => 'Nothing is logged yet: the story begins with the first entry.',
        'story.told' => 'Since {since}: {stages, plural, =0 {the same stage} one {one stage on} other {# stages on}}'
            .'{ropes, plural, =0 {} one {, one other length or cable} other {, # other lengths or cables}}'
            .'{pains, plural, =0 {} one {, pain noted once} other {, pain noted # times}}'
            .'{pauses, plural, =0 {} one {, one pause} other {, # pauses}}.',
        'story.longest' => 'The longest go of {what} at {stage} went from {before} to {now}.',
        'story.longest_same' => 'The longest go of {what} at {stage} is {now}, as at the beginning.',
        'story.longest_one' => 'The longest go of {what} at {stage} so far is {now}.',
        'story.stage' => 'On to {stage}',
        'story.stage_first' => 'Began at {stage}',
        'story.rope_first' => 'First rope: {cable_m} of cable',
        'story.shorter' => '{by_m} shorter: {cable_m} of cable',
        'story.longer' => '{by_m} longer: {cable_m} of cable',
        'story.cable' => 'Another cable: {family}, {cable_m}',
        'story.height' => '{stature_m} tall',
        'story.pain' => 'Pain, {place}{degree, plural, =-1 {} other {, # of 10}}',
        'story.noted' => '{caution} noted',
        'story.cleared' => '{what} cleared',
        'story.stop' => 'Jumping ended for the day',
        'story.pause' => '{days, plural, one {# day} other {# days}} without a practice',
        'story.curve_none' => 'No single go was logged in the last four weeks: there is no curve to draw.',
        'story.curve_now' => 'Of ten goes of {what} about {share} reach {reps}, from {goes, plural, one {# go} other {# goes}}.',
        'story.curve_better' => 'Of ten goes of {what} about {share} reach {reps}; {weeks} weeks ago {then} did. The bands part: '
            .'it is better.',
        'story.curve_worse' => 'Of ten goes of {what} about {share} reach {reps}; {weeks} weeks ago {then} did. The bands part: '
            .'it is worse.',
        'story.curve_open' => 'Of ten goes of {what} about {share} reach {reps}; {weeks} weeks ago {then} did. The bands overlap: '
            .'too early to tell.',
        'story.load_none' => 'No week with contacts yet.',
        'story.load_within' => 'This week so far {contacts, plural, one {# contact} other {# contacts}}, within the {most, number} that '
            .'the weeks before allow{over, plural, =0 {} one {; one week was over} other {; # weeks were over}}.',
        'story.load_over' => 'This week {contacts, plural, one {# contact} other {# contacts}}: more than the {most, number} that the '
            .'weeks before allow.',
        'story.beat_none' => 'No take is in the log yet. A take that is logged from the Rhythm pages keeps its beat.',
        'story.beat_now' => 'The beat of {what} lately: about {cadence, plural, one {# jump} other {# jumps}} a minute'
            .'{above, plural, =0 {} other {, # above what the drill asks}}{below, plural, =0 {} other {, # below what the drill asks}}, '
            .'{percent} % off '
            .'from jump to jump ({takes, plural, one {# take} other {# takes}}).',
        'story.beat_few' => 'From {least} takes on a change would be told.',
        'story.beat_quicker' => 'Quicker since {day}: by about {by} a minute, against what the drills ask.',
        'story.beat_slower' => 'Slower since {day}: by about {by} a minute, against what the drills ask.',
        'story.beat_evener' => 'More even since {day}: {after} % off, {before} % before.',
        'story.beat_rougher' => 'Less even since {day}: {after} % off, {before} % before.',
        'story.effort_none' => 'Nobody has said yet how hard a session was.',
        'story.effort' => 'Effort times minutes this week: {load, number}{over, plural, =0 {} one {; one week was more than a tenth over '
            .'the weeks before} other {; # weeks were more than a tenth over the weeks before}}.',
        'story.effort_over' => 'Effort times minutes this week: {load, number}, more than the {most, number} that the weeks before '
            .'would let it be. It warns and binds nothing.',
        'story.records_none' => 'No go was counted yet.',
        'story.records' => 'The best go: {reps} {what} on {day}.',
        'story.cues_none' => 'No go under a cue was judged yet.',
        'story.cues' => '“{cue}” helped most often: better in {better} of {goes, plural, one {# go} other {# goes}}.',
        'story.forecasts_none' => 'No paced workout was done to its end yet.',
        'story.forecasts' => '{held} of {runs, plural, one {# paced workout} other {# paced workouts}} ended within what was said '
            .'before.',
        'story.gym_none' => 'Nobody has logged anything yet: the months begin with the first entry.',
        'story.gym' => '{moves, plural, =0 {Nobody} one {One} other {#}} of {people, plural, one {# athlete} other {# athletes}} '
            .'{moves, plural, =0 {moves} one {moves} other {move}} on{stuck, plural, =0 {} one {, one is stuck} other {, # are stuck}}'
            .'{away, plural, =0 {} one {, one is away} other {, # are away}}.',
        'story.helps_none' => 'No cue stands out yet: that takes {least, plural, one {# go} other {# goes}} of one, and a clear lead.',
        'story.drills_none' => 'No drill stands out yet: that takes {least, plural, one {# evening} other {# evenings}} of one, and a '
            .'clear lead.',
        'story.drills' => 'After “{drill}” the next evening misses less more often than after the others: {better} of '
            .'{goes, plural, one {# time} other {# times}}, about {share_percent} in a hundred. Whatever was done with it that '
            .'evening is in that too.',
        'story.helps' => '“{cue}” helps more often than the others: better in {better} of {goes, plural, one {# go} other {# goes}}, '
            .'about {share_percent} in a hundred.',
    ];
}
