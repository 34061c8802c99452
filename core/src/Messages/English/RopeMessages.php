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
        'rope.usual_school_misfits' => 'The {school} school, usual at this stage, would give {cable_m} of cable and '
            .'{spare_arc_m} of spare arc: too {too, select, long {long} other {short}} for this height.',
        'rope.spread' => 'The schools spread over {spread_m}, from {least_m} to {most_m}: they differ in landmark, '
            .'stance and in what is held there.',
        'rope.goal_length' => 'Goal length from day one: no slack for drifting hands.',
        'rope.start_long' => 'Start long: {off_m} more than the goal of {goal_m}; trimmed off in small steps as the '
            .'hands become quiet.',
        'rope.reach' => 'Standing on it ({stance}), the {reading} must reach the {landmark}, {reach_m} above the '
            .'floor.',
        'rope.no_reach' => 'No landmark: measure the whole rope, {overall_m} from handle end to handle end.',
        'fit.right' => 'Right for this stage.',
        'fit.catches_feet' => 'Too little arc: the rope catches the feet or the toes.',
        'fit.check_hands_first' => 'Check the hands before lengthening it: hands that drift out or up make any rope '
            .'shorter.',
        'fit.lags' => 'Too much arc: the rope lags behind the hands and costs more effort.',
        'fit.lands_in_front' => 'It meets the floor too far in front of the toes.',
        'fit.off_long' => '{off_m} too long: take it down to {right_m}, in small steps.',
        'fit.off_short' => '{off_m} too short: it can not be let out beyond its tails; {right_m} would be right.',
        'fit.off_none' => 'As long as it should be.',
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
        'growth.measure_again' => 'Measured {months, plural, =0 {this month} one {# month ago} other {# months ago}}: '
            .'at this age every {every, plural, one {month} other {# months}}.',
        'growth.size_again' => 'Grown {grown_m} since the rope was sized at {then_m}: size it again.',
    ];
}
