<?php

declare(strict_types=1);

namespace Zumbo\Core\Messages\English;

/**
 * What is said of an athlete's rope as a whole, and of what they may do today. ICU messages by the verdict's code.
 */
final class TodayMessages
{
    public const ALL = [
        'verdict.right' => 'Right: {cable_m}, as long as it should be.',
        'verdict.right_within' => 'Right: {cable_m}, {off_m} off the goal of {goal_m}, which is within what is right.',
        'verdict.on_its_way' => 'Right where one starts long: {off_m} longer than the goal of {goal_m}, and on its way '
            .'down, {steps, plural, one {# step} other {# steps}} to go. Next, when the runs hold and the hands stay '
            .'narrow: {per_side_m} off each side.',
        'verdict.too_long' => 'Too long: {off_m} more than the goal of {goal_m}. It lags, turns slowly and meets the '
            .'floor too far in front. Take off {per_side_m} a side, never two steps in one session.',
        'verdict.too_short' => 'Too short: {off_m} less than the goal of {goal_m}, and the spare of {spare_m} a side is '
            .'not enough. Check the hands first, then size it anew.',
        'verdict.too_short_let_out' => 'Too short: {off_m} less than the goal of {goal_m}. Check the hands first, then '
            .'let out {per_side_m} a side.',
        'verdict.outgrown_let_out' => 'Outgrown: sized at {then_m}, now {now_m}, so it is {off_m} shorter than the goal '
            .'of {goal_m}. Let out {per_side_m} a side from the spare; no new cable is needed.',
        'verdict.outgrown_buy' => 'Outgrown: sized at {then_m}, now {now_m}, so it is {off_m} shorter than the goal of '
            .'{goal_m}, more than the spare of {spare_m} a side. It takes a new cable of {goal_m}.',
        'verdict.not_sound' => 'Not sound: it failed its inspection. Mend it and look it over again, or buy one of '
            .'{goal_m}.',
        'verdict.none' => 'No rope yet: {goal_m} of cable is wanted.',
        'verdict.ask_stance' => 'Stance unknown: the same reading under another stance is another rope. Ask how it was '
            .'measured; the goal would be {goal_m}.',
        'verdict.overall' => 'The goal is told overall, handles included: ask for the handles to know the cable.',
        'allowance.no_jump' => 'No jumps today.',
        'allowance.nothing' => 'No training today.',
        'stop.misses' => 'Stop jumping for today: {misses, plural, one {# miss} other {# misses}} in {tries, plural, one {# try} other '
            .'{# tries}} where {usual} would be usual. The '
            .'evening counts as done.',
        'stop.by_coach' => 'Jumping ended for today: {why}. The evening counts as done.',
        'look.rough' => '{goes, plural, one {# go} other {# goes}} in a row were rough or hardly began: go and look.',
        'caution.urgent' => '{caution}. Stop. Get medical help now. No training until they state themselves that a '
            .'professional has cleared it.',
        'caution.leakage' => 'No jumping; see a doctor or pelvic-floor physiotherapist. It stays off until they state '
            .'themselves that a professional has cleared it.',
        'caution.severe_pain' => '{place}, {degree} of 10: from {severe} on no training until they state themselves '
            .'that a professional has cleared it.',
        'caution.again' => '{place}: noted {records, plural, one {once} other {# times}} within four weeks. No training '
            .'until they state themselves that a professional has cleared it.',
        'caution.pain' => 'Pain, {place}{degree, plural, =-1 {} other {, # of 10}}: no jumping until the coach clears '
            .'it; never push through, return easy, and see a professional if it lasts.',
        'caution.easy' => 'Easy weeks: half the usual contacts{days, plural, =-1 {} =0 {, until today} one {, # more day} '
            .'other {, # more days}}.',
        'caution.ask_first' => '{caution}: ask a doctor or physiotherapist first. No jumping until they state '
            .'themselves that a professional has cleared it.',
        'own.weeks_no_jump' => 'The weeks that your coach planned have no jumps today: hands and beat are enough. If you train with the '
            .'class after all, ask for your set there.',
        'own.urgent' => '{caution}. Stop. Get medical help now. No training until you have stated that a professional has cleared it.',
        'own.leakage' => 'No jumping; see a doctor or pelvic-floor physiotherapist. It stays off until you have stated that a '
            .'professional has cleared it.',
        'own.severe_pain' => '{place}, {degree} of 10: from {severe} on no training until you have stated that a professional '
            .'has cleared it.',
        'own.again' => '{place}: noted {records, plural, one {once} other {# times}} within four weeks. No training until you have '
            .'stated that a professional has cleared it.',
        'own.pain' => 'Pain, {place}{degree, plural, =-1 {} other {, # of 10}}: no jumping until your coach clears it. Never push '
            .'through, return easy, and see a professional if it lasts.',
        'own.ask_first' => '{caution}: ask a doctor or physiotherapist first. No jumping until you have stated that a professional '
            .'has cleared it.',
        'load.within' => 'About {contacts, plural, one {# contact} other {# contacts}}: within the {left, number} that are left '
            .'today.',
        'load.over' => 'About {contacts, plural, one {# contact} other {# contacts}}: more than the {left, number} that are '
            .'left today. Make it shorter, or keep it for another day.',
        'load.left' => '{today, plural, one {# contact} other {# contacts}} left today ({done, number} done of {cap, number}), '
            .'{week, number} left this week of {most, number}.',
        'load.left_week' => '{week, plural, one {# contact} other {# contacts}} left this week of {most, number}.',
        'load.enough' => 'Enough for today: the contacts that are good for one session, or for this week, are done.',
        'load.base' => 'A week holds at most {rise_percent} % more than the base of {base, plural, one {# contact} '
            .'other {# contacts}}, the greater of the last week and the mean of the last two.',
        'load.after_pause' => 'After {empty} weeks without jumping it starts below the base of {base, plural, '
            .'one {# contact} other {# contacts}}.',
        'load.return' => 'Back after pain, cleared {days, plural, =0 {today} one {# day ago} other {# days ago}}: from '
            .'half of the {mean, plural, one {# contact} other {# contacts}} a week before it, rising '
            .'by a tenth a week. Pain again stops it.',
        'load.easy' => 'Easy weeks: half of the usual {mean, plural, one {# contact} other {# contacts}} a week.',
        'load.return_unknown' => 'Back after pain, cleared {days, plural, =0 {today} one {# day ago} other {# days ago}}; '
            .'nothing was logged before it, so from half of what a week may hold, {cap, plural, one {# contact} other '
            .'{# contacts}}, rising by a tenth a week. Pain again stops it.',
        'load.easy_unknown' => 'Easy weeks: nothing was logged before, so half of what a week may hold, {cap, plural, '
            .'one {# contact} other {# contacts}}.',
        'load.rest_day' => 'Rest day: beginners leave a day between two jump sessions.',
        'load.week_full' => 'Rest day: {sessions} jump sessions in a week are enough for a beginner.',
    ];
}
