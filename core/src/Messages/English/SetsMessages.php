<?php

declare(strict_types=1);

namespace Zumbo\Core\Messages\English;

/**
 * What is said of ladders, pacing, and the shape of misses. ICU messages by the verdict's code.
 */
final class SetsMessages
{
    public const ALL = [
        'pacing.plan' => '{plan}, restart each set with one single',
        'pacing.unbroken' => '{reps} in one go, no planned break',
        'pacing.no_plan' => 'No set plan yet: tries for a time, fewer doubles, or the first ones and then singles',
        'pacing.no_plan_why' => 'Sets are planned from the stage Link on, when doubles hang together.',
        'pacing.no_breaks' => 'No planned break: it would cost more than the misses it saves. Unbroken is a hope, not the '
            .'plan.',
        'pacing.hardly' => 'Breaks hardly matter here: sets of {from} to {to} are as good as the best, and unbroken '
            .'costs about {lost_s} s.',
        'pacing.hardly_unbroken' => 'Breaks hardly matter here: first sets of {from} to {to} are as good as the best.',
        'pacing.pays' => 'Breaking pays: unbroken would take about {lost_s} s longer. Sets of {from} to {to} are as '
            .'good as the best.',
        'scaling.nothing_fits' => 'Nothing of it fits the {left, plural, =0 {contacts left today: none} one {# contact left today} '
            .'other {# contacts left today}}: do it without the rope',
        'scaling.why_contacts' => 'The most doubles that fit the {left, plural, one {# contact} other {# contacts}} left today',
        'scaling.why_not_linked' => 'Doubles do not hang together yet: tries for a time, never a number in a row',
        'scaling.why_practise' => 'Practice: tries for a time leave about {doubles, plural, one {# double} other {# doubles}}',
        'scaling.why_cap' => 'The cap would come first: the chance of all of it in time is {percent} %',
        'scaling.why_race' => 'A race: all of it',
        'scaling.why_all' => 'All of it is no slower than singles after the first ones',
        'scaling.why_first' => 'It keeps moving and still practises: about {saves_s} s quicker than all doubles',
        'pacing.tires' => 'From {goes, plural, one {# logged go} other {# logged goes}}: misses come with tiredness '
            .'(shape {shape}).',
        'pacing.even' => 'From {goes, plural, one {# logged go} other {# logged goes}}: a miss is about as likely '
            .'early as late (shape {shape}).',
        'pacing.starts_badly' => 'From {goes, plural, one {# logged go} other {# logged goes}}: most misses come at '
            .'the start (shape {shape}).',
        'pacing.from_stage' => 'Too few single goes are logged to see a curve: one chance for every rep, from '
            .'{entries, plural, =0 {no entry} one {# entry} other {# entries}} and what is usual at this stage.',
        'ladder.not_today' => 'Rung {rung}, {pattern}, is not for today: it would be made less than once in 20 tries',
        'ladder.easy' => 'Every rung is made almost every time: raise the top when practice is meant',
        'ladder.fits' => 'Rung {rung}, {pattern}, is the hardest: made about {in_ten, plural, one {once} other {# '
            .'times}} in 10; about {misses, plural, =0 {no miss} one {# miss} other {# misses}} in all',
        'ladder.hard' => 'Rung {rung}, {pattern}, is too hard for practice: made about {in_ten, plural, one {once} '
            .'other {# times}} in 10, about {misses, plural, one {# miss} other {# misses}} in all',
        'ladder.chosen_practise' => 'The top of {top} is made in about {in_100} of 100 goes, nearest to the 85 that teach '
            .'best; {times, plural, one {once} other {# times}} through takes about {minutes} min',
        'ladder.chosen_test' => 'To the limit: {top} is the highest rung in reach and time, made in about '
            .'{in_100} of 100 goes; about {contacts, plural, one {# contact} other {# contacts}}',
        'ladder.chosen_tire' => '{contacts, plural, one {# contact} other {# contacts}} in about {minutes} min, and a top of '
            .'{top} that is made in {in_100} of 100 goes, so that nothing stops the flow',
        'ladder.easier' => 'Easier: the top of {top} is made in {in_100} of 100 goes; about {minutes} min',
        'ladder.harder' => 'Harder: the top of {top} is made in {in_100} of 100 goes; about {minutes} min',
        'ladder.same_top' => 'The same top in other steps, {times, plural, one {once} other {# times}} through; about '
            .'{minutes} min',
        'game.ends' => 'Expected to end in minute {minute}: more likely over than not after it; {reps, plural, one {# rep} '
            .'other {# reps}} until then, the last minute with {last}',
        'game.to_the_cap' => 'Ends before minute {minute}: no more fits into a minute or into today; {reps, plural, one {# rep} '
            .'other {# reps}} until then, the last minute with {last}',
        'hall.nobody' => 'Nobody is in the hall yet',
        'hall.room' => '{people, plural, one {# person has} other {All # people have}} room to jump',
        'hall.without' => '{without, plural, one {# person has} other {# people have}} no room to jump in this hall',
        'hall.crowded' => '{crowded, plural, one {# person stands} other {# people stand}} too near to somebody or a wall',
        'hall.low' => 'The ceiling is too low for {low, plural, one {# person} other {# people}}',
        'weibull.few_misses' => 'Only {misses, plural, =0 {no miss} one {# miss} other {# misses}}: {needed} or more '
            .'are needed to tell whether they come with tiredness.',
        'weibull.all_alike' => '{misses, plural, one {The only miss came at one rep} other {All # misses came at the '
            .'same rep}}: that is no curve.',
        'weibull.not_identified' => '{misses, plural, one {This # miss fits} other {These # misses fit}} almost any '
            .'curve: log more goes.',
    ];
}
