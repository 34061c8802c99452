<?php

declare(strict_types=1);

namespace Zumbo\Core\Messages\English;

/**
 * What is said of the rope: its length, its arc, how it fits, and ropes for two. ICU messages by the verdict's code.
 */
final class RopeMessages
{
    public const ALL = [
        'rope.by_landmark' => 'Cable {cable_m}: {school} school, {stance}, {reading}; the {school} is estimated from '
            .'height, so ± {uncertainty_m}. Tape it to be surer.',
        'rope.by_taped_landmark' => 'Cable {cable_m}: {school} school, {stance}, {reading}; the {school} is taped at '
            .'{reach_m}, so ± {uncertainty_m}.',
        'rope.rule_of_height' => 'Cable {cable_m}: rule of height, overall {overall_m} is height plus {added_m}.',
        'rope.spare_arc' => 'Turning, it hangs {spare_arc_m} deeper than the floor with the hands in the usual place: '
            .'{phase}.',
        'rope.school_misfits' => 'At this height the {school} school leaves more spare arc than the {most_m} that are '
            .'of use at this stage; the rule of height, {overall_m} overall, is the shorter one to compare with.',
        'rope.spread' => 'The schools spread over {spread_m}, from {least_m} to {most_m}: they differ in landmark, '
            .'stance and in what is held there.',
        'rope.later' => 'Later, for linked doubles, the {school} length: {goal_m}, another {off_m} to trim off in small '
            .'steps.',
        'school.chosen' => 'The {school} school: chosen for this athlete.',
        'school.beginners' => 'The {school} school: this gym’s for beginners and for first doubles.',
        'school.linked' => 'The {school} school: where the way down ends, for linked doubles.',
        'school.goal_length' => 'The {school} school, worn from day one: no slack for drifting hands.',
        'school.does_not_pass' => 'The rule of height: by the {school} school the rope would not pass under the feet at '
            .'this height.',
        'rope.overall_only' => 'By the {school} school, {stance}: order it {overall_m} overall, handles included. Ask for the '
            .'handles: the cable stays open until they are known.',
        'rope.cable_only' => 'By the {school} school, {stance}, read at the cable ends: {cable_m} of cable whatever the '
            .'handles; the overall length stays open until they are known.',
        'rope.reach' => 'Standing on it ({stance}), the {reading} must reach the {landmark}, {reach_m} above the '
            .'floor.',
        'rope.no_reach' => 'No landmark: measure the whole rope, {overall_m} from handle end to handle end.',
        'fit.catches_feet' => 'Too little arc: the rope catches the feet or the toes.',
        'fit.check_hands_first' => 'Check the hands before lengthening it: hands that drift out or up make any rope '
            .'shorter.',
        'fit.lags' => 'Too much arc: the rope lags behind the hands and costs more effort.',
        'fit.lags_a_little' => 'Room to learn with: it lags a little behind the hands until it is trimmed.',
        'fit.lands_in_front' => 'It meets the floor too far in front of the toes.',
        'fit.reaches' => 'The handle ends reach {reach_m}: {landmark}.',
        'arc.headline_spare' => '{cable_m} of cable leaves {spare_arc_m} of spare arc',
        'arc.headline_snug' => '{cable_m} of cable just brushes the floor',
        'arc.headline_short' => '{cable_m} of cable is too short: {missing_m} of arc are missing',
        'arc.over_head' => '{head_clearance_m} over the head',
        'arc.hits_head' => 'hits the head: {missing_m} too low',
        'arc.head_unknown' => 'head clearance needs the height',
        'arc.drags' => 'hands in: {spare_arc_m} of spare arc, {dragging_m} of rope drag on the floor',
        'arc.passes_above' => 'hands in: passes {missing_m} above the floor',
        'arc.wide_hands' => 'each hand {each_hand_m} wider: {rise_m} of arc are gone',
        'arc.cannot_reach' => 'each hand {each_hand_m} wider: the rope no longer reaches',
        'arc.ceiling' => 'needs a ceiling of {ceiling_m}, a low jump included',
        'arc.ceiling_high' => 'needs a ceiling of {ceiling_m}, a low jump included; the hall has {hall_m}',
        'arc.ceiling_low' => 'needs a ceiling of {ceiling_m}, a low jump included: the hall is {missing_m} too low',
        'arc.uneven' => 'one hand {uneven_m} higher: the rope hangs lower beside the low hand',
        'arc.hands_up' => 'each {up_m} the hands go up takes {up_m} of arc: raised hands make any rope shorter',
        'arc.meets_ahead' => 'comes down on the floor {ahead_m} ahead of the toes',
        'arc.meets_behind' => 'comes down on the floor under the feet, {ahead_m} behind the toes',
        'arc.meets_nowhere' => 'does not touch the floor',
        'partner.face_to_face' => '{cable_m}, face to face: the rope turns {radius_m} about the holder’s hands and '
            .'comes down in front of the partner’s toes.',
        'partner.side_by_side' => '{cable_m}, side by side, each with one handle: the outer hands are {span_m} apart.',
        'turned.computed' => '{cable_m} each: with the turners {apart_m} apart it passes under the feet and over the '
            .'head.',
        'turned.least' => '{cable_m} each, {least_ft} ft: with the turners {apart_m} apart {needed_m} would do, '
            .'but shorter ropes leave no room to step in.',
        'growth.misses' => 'With this rope: {before_misses, plural, one {# miss} other {# misses}} in {before_tries, '
            .'plural, one {# try} other {# tries}} before the height changed, {since_misses, plural, one {# miss} other {# '
            .'misses}} in {since_tries, plural, one {# try} other {# tries}} since. Growth is one possible cause among '
            .'others.',
        'growth.measure_again' => 'Measured {months, plural, =0 {this month} one {# month ago} other {# months ago}}: '
            .'at this age every {every, plural, one {month} other {# months}}.',
    ];
}
