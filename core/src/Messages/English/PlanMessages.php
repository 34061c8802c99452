<?php

declare(strict_types=1);

namespace Zumbo\Core\Messages\English;

/**
 * What is said of plans: why a block is in it, and what gives when not everything fits. ICU messages by the verdict's code.
 */
final class PlanMessages
{
    public const ALL = [
        'plan.ready' => '{minutes} minutes for {people, plural, =0 {nobody yet} one {# person} other {# people}}: '
            .'{drills, plural, =0 {nothing to show} one {one thing to show} other {# things to show}}',
        'plan.ready_alone' => '{minutes} minutes, '
            .'{drills, plural, =0 {nothing to show} one {one thing to show} other {# things to show}}',
        'plan.too_short' => '{minutes, plural, one {# minute is} other {# minutes are}} too short for a practice: {least} are the least. '
            .'Make it longer, or let them stretch and go',
        'plan.short_class' => '{minutes} minutes are short for a class: the warm-up keeps its minute and a half, and there is less of '
            .'everything else',
        'plan.hard_floor' => 'The floor does not give: at most {percent} % of the contacts (our choice; some coaches skip on any surface)',
        'plan.sits_out' => 'Sits out today: nothing is planned',
        'plan.no_jump' => 'No jumps today: hands, beat and claps instead',
        'plan.no_rope' => 'No rope tonight: work without one',
        'plan.lighter' => 'Lighter after a day that was stopped: {percent} % of the contacts',
        'plan.dose_streak' => '{sets, plural, one {# set} other {# sets}} of {aim} in a row',
        'plan.dose_tries' => '{sets, plural, one {# set} other {# sets}} of {aim, plural, one {# try} other {# tries}}',
        'plan.dose_hold' => '{sets, plural, one {once {aim} s} other {# times {aim} s, {rest_s} s rest between}}',
        'plan.stop_at' => 'Ends the jumping at {misses, plural, one {# miss} other {# misses}} in {tries, plural, one {# try} '
            .'other {# tries}}',
        'plan.why_warm_up' => 'Warm-up without the rope first: shins, wrists and calves before anything quick',
        'plan.why_warm_up_rope' => 'Warm-up with easy rope, as this school does it: nothing quick or high before it',
        'plan.why_cool_down' => 'Cool-down: calves and shins did most of it',
        'plan.why_pin' => 'You chose it',
        'plan.why_no_rope' => 'There is no rope tonight, and this needs none',
        'plan.why_no_jump' => 'No jumps today: {why}',
        'plan.why_load' => 'No contacts are left for jumps here: {why}',
        'plan.why_rest' => 'Nothing else is free of what is sore or used up',
        'plan.why_shared_fault' => '{people} people work on this fault ({fault}): two minutes together',
        'plan.why_fault' => 'One focus, the fault at work: {fault}',
        'plan.why_variety' => 'What was in turn was done last time: the next of {stage}',
        'plan.why_turn' => 'In turn for the gate of {stage}: {why}',
        'plan.why_turn_aimed' => 'In turn for the gate of {stage}; {reps} in a row are made in about {in_100} of 100 goes',
        'plan.why_ladder' => 'A ladder for the gate: its top rung of {top} is made in about {in_100} of 100 goes',
        'plan.why_stage' => 'Goes with {stage}: {why}',
        'plan.why_success' => 'It ends with what is made almost every time',
        'plan.why_game' => 'A game to end with: {why}',
        'plan.habit_shorter' => '{part}: you made it about {by_s} s shorter in {times} of the last plans. Make it so?',
        'plan.habit_longer' => '{part}: you made it about {by_s} s longer in {times} of the last plans. Make it so?',
        'plan.week_no_jump' => 'No jumps until it is cleared: hands, beat and claps on every day',
        'plan.week_nothing' => 'Nothing until a professional has cleared it',
        'plan.week_easier' => 'An easier week, as every {every, selectordinal, one {#st} two {#nd} few {#rd} other {#th}}: '
            .'{percent} % of the mean',
        'plan.week_cap' => 'What a week of this stage and age holds at most: {cap, plural, one {# contact} other {# contacts}}',
        'plan.gate_too_few' => '{sessions, plural, =0 {No practice} one {One practice} other {# practices}} logged at this stage: '
            .'from {least} on '
            .'a pace shows',
        'plan.gate_between' => 'At {per_week} practices a week the gate opens in {from_weeks, plural, =0 {less than a week} one {# week} '
            .'other {# weeks}} to {to_weeks, plural, one {# week} other {# weeks}}, by the pace of {sessions, plural, one {# practice} '
            .'other {# practices}}',
        'plan.gate_unknown' => 'At {per_week} practices a week it can’t be known yet: not before {from_weeks, plural, =0 {this week} '
            .'one {# week} other {# weeks}}, and {sessions, plural, one {# practice} other {# practices}} leave the end open',
        'plan.gate_not_in_sight' => 'By the pace of {sessions, plural, one {# practice} other {# practices}} at {per_week} a week '
            .'the gate is '
            .'not in sight: another drill, cue or rope, before more of the same',
        'plan.weeks' => 'Four weeks from {from}: {jump, plural, =0 {no day with jumps} '
            .'one {# day with jumps, at most {most, plural, one {# contact} other {# contacts}} in the first week} '
            .'other {# days with jumps, at most {most, plural, one {# contact} other {# contacts}} in the first week}}',
        'plan.weeks_new' => 'Four weeks from {from} for {people, plural, one {# athlete} other {# athletes}}, for you to accept',
        'plan.weeks_class' => 'Four weeks from {from} for {people, plural, =0 {nobody} one {# athlete} other {# athletes}}; '
            .'{changed, plural, =0 {nothing has changed} one {# of them has changed} other {# of them have changed}} '
            .'since you accepted them',
        'plan.change_nothing' => 'Everything is off until a professional has cleared it',
        'plan.change_no_jump' => 'Jumping is off until it is cleared: hands, beat and claps on every day',
        'plan.change_jumps_again' => 'It was cleared: jumps come back',
        'plan.change_easy' => 'Easy weeks were noted: half of the usual',
        'plan.change_return' => 'Back after pain: from half of what was usual, rising week by week',
        'plan.change_stage' => 'On from {from} to {to}: other drills, another cap',
        'plan.change_less' => '{ago, plural, one {Last week} other {# weeks ago}} came {came, plural, =0 {nothing} one {# contact} other '
            .'{# contacts}} of {planned} that were planned: the next weeks rise from what came',
        'plan.change_more' => '{ago, plural, one {Last week} other {# weeks ago}} came {came, plural, one {# contact} other {# contacts}}, '
            .'more than the {planned} that were planned: the next weeks rise from there, within the cap',
        'plan.change_base' => 'What was logged for earlier weeks changes what the next ones rise from: at most {to, plural, '
            .'=0 {no contact} one {# contact} other {# contacts}} in the first week, before {from}',
        'plan.change_lighter' => 'The last evening was a bad one and was stopped: the next practice is lighter, and that week counts for '
            .'nothing in the load',
        'plan.change_days' => 'Classes on {to, plural, =0 {no day} one {# day} other {# days}} a week, before on {from}',
        'plan.change_dose' => 'Another way to practise beside the class',
    ];
}
