<?php

declare(strict_types=1);

namespace Zumbo\Core\Messages\English;

/**
 * What is said of where a number comes from: the texts behind a “?”. ICU messages by the verdict's code.
 */
final class SourceMessages
{
    public const ALL = [
        'why.cable' => 'Length between the handles. The school’s landmark, twice, plus the rope under the feet, minus '
            .'both handles; read at the cable ends the handles stay in. Landmarks are estimated from height (Winter, '
            .'after Drillis & Contini; armpit and chest are our assumption) until they are taped.',
        'why.overall' => 'Cable plus both handles. Common practice gives the rule of height for it: height plus '
            .'{added_ft} ft.',
        'why.handle' => 'Handles matter as much as the school: ask for their length, {short_m} or {long_m} move the '
            .'cable by {off_m}.',
        'why.cut' => 'Cable plus {spare_m} spare on each side plus the {inside_m} that sit inside each handle (our '
            .'assumption; handles differ).',
        'why.uncertainty' => 'Landmarks differ by about {percent} % of height between people; both sides hang from '
            .'the landmark, so twice that. A taped one is sure to {tape_m}.',
        'why.spread' => '{schools, plural, one {The school} other {All {schools, spellout} schools}} at this height, '
            .'each with the stance and the reading it names (common practice).',
        'why.goal' => 'The length of the school in force: the coach’s choice for this athlete, else the gym’s school '
            .'for beginners, and from linked doubles on the {linked} where one starts long and trims. Never by the '
            .'handles.',
        'why.arc' => 'The curve of a rope that turns so fast that its weight does not matter (Blackwell & Reis, '
            .'1974). Gravity, air and the angle at the handle are left out.',
        'why.wide' => 'The same curve with each hand {each_m} further out.',
        'why.raised' => 'The arc hangs from the hands: what they rise, it rises. Uneven hands tilt its axis; the same '
            .'curve, turned about the line from tip to tip.',
        'why.reach' => 'The landmark’s share of height, or what was taped; the stance and the end that is held are '
            .'the school’s.',
        'why.step' => 'Today’s cable less the step on both sides; the last one ends at the goal.',
        'why.ceiling' => 'Highest point of the arc, plus a jump of {jump_m}, plus {margin_m} of room (our assumption).',
        'why.ahead' => 'A circle about the hands, as deep as the arc. The real rope lags and lands a little nearer. '
            .'Hands {percent} % of height ahead of the ankles, toes {toes_percent} % of a foot (our assumption).',
        'why.pull' => 'Tension of the turning rope at the handle: it grows with the square of the rate. Not better '
            .'than ±{percent} %.',
        'why.power' => 'What the air takes at {turns_per_min, plural, one {# turn} other {# turns}} a minute '
            .'({jumps_per_min, plural, one {# double} other {# doubles}}): drag of a cylinder, coefficient '
            .'{coefficient} (Hoerner). A lower bound, not better than ±{percent} %.',
        'why.circle' => 'A handle tip on the axis passes no torque: it has to circle by at least this much, at any '
            .'speed.',
        'why.density' => 'Families from their make, beads and weighted ropes as weighed (our assumption); your own '
            .'from the kitchen scale.',
        'why.feel' => 'Pull at {turns_per_min, plural, one {# turn} other {# turns}} a minute in {steps, plural, one '
            .'{one step} other {{steps, spellout} steps}}: a learner needs about the pull of a solid {cord_mm} mm '
            .'cord (common practice).',
        'why.effort' => 'Power at doubles’ speed in {steps, plural, one {one step} other {{steps, spellout} '
            .'steps}}.',
        'why.off_by' => 'Today’s cable minus the cable of the goal: the school in force for athlete and stage, its '
            .'stance and reading. From {short_m} shorter to {long_m} longer is right (our '
            .'assumption).',
        'why.misses' => 'Misses in {of, plural, one {# try} other {# tries}}, of entries at the present stage while '
            .'this length was used.',
        'why.outcome' => 'Misses in all tries with the length before and since, and the interval that holds the change '
            .'with 95 %. Told only when it lies on one side of 0, and from {least} tries on each length on.',
        'why.giving' => 'Everybody at once: as many as possible get a rope, then the least wrong length in all. A '
            .'centimetre too short counts as {short_costs, spellout} too long; more than {most_short_m} too short or '
            .'{most_long_m} too long is refused (common practice, the numbers our assumption).',
        'why.ideal' => 'The cable of their goal, between the rack’s handles of {handle_m}.',
        'why.strip' => '{school} school, {stance}, {reading}; handles of {handle_m}.',
        'why.stock' => 'The fewest coils: longest piece first, then a search as long as more are used than the lower '
            .'bound says. “No way needs fewer” is proven, not guessed.',
        'why.partner' => 'Geometry with the arc of a single rope; {apart_m} between the two, {gap_m} between '
            .'shoulders (our assumption).',
        'why.turned' => 'Never under {least_ft} ft (common practice), and long enough to pass under the feet and over '
            .'the head.',
    ];
}
