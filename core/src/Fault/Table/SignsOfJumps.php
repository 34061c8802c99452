<?php

declare(strict_types=1);

namespace Zumbo\Core\Fault\Table;

use Zumbo\Core\Fault\Likelihood;
use Zumbo\Core\Fault\Sign;

/**
 * What comes of how feet and legs jump and land. Common practice, no published source; how often is our assumption.
 */
final class SignsOfJumps
{
    /** code of the fault → [sign, how often it comes with it, why] */
    public const ROWS = [
        'jump-high' => [
            [Sign::JumpsHighInSingles, Likelihood::Usual, 'it is the fault itself, seen'],
            [Sign::HeadBobs, Likelihood::Usual, 'the head shows the height of the jump'],
            [Sign::HeavyLanding, Likelihood::Often, 'what goes up high comes down hard'],
            [Sign::SlowBeat, Likelihood::Often, 'a high jump takes its time'],
            [Sign::CalvesBurn, Likelihood::Often, 'the calves pay for the height'],
            [Sign::OutOfBreath, Likelihood::Often, 'height costs more than turns do'],
            [Sign::StiffLegs, Likelihood::Sometimes, 'high jumps are landed stiff'],
            [Sign::UnevenBeat, Likelihood::Sometimes, 'high jumps are hard to repeat'],
            [Sign::LateNextSingle, Likelihood::Sometimes, 'whoever is still up can\'t go on'],
        ],
        'double-bounce' => [
            [Sign::TwoLandings, Likelihood::Usual, 'two landings a turn are the fault itself, heard'],
            [Sign::SlowBeat, Likelihood::Often, 'each turn waits for two jumps'],
            [Sign::HeadBobs, Likelihood::Sometimes, 'the head goes up twice'],
            [Sign::LateNextSingle, Likelihood::Sometimes, 'a hop stands between'],
            [Sign::LongContact, Likelihood::Sometimes, 'between the two the rope is waited for'],
        ],
        'bottom-pause' => [
            [Sign::LongContact, Likelihood::Usual, 'it is the fault itself, measured'],
            [Sign::OnHeels, Likelihood::Often, 'who settles on the heels has stopped'],
            [Sign::SlowBeat, Likelihood::Often, 'the pause is part of each beat'],
            [Sign::ThighsBurn, Likelihood::Often, 'standing low holds the thighs'],
            [Sign::LateNextSingle, Likelihood::Sometimes, 'the rebound is gone'],
            [Sign::StopsAndRestarts, Likelihood::Sometimes, 'a pause that grew'],
            [Sign::DeepKnees, Likelihood::Sometimes, 'who stays down sinks'],
        ],
        'flat-feet' => [
            [Sign::Slap, Likelihood::Usual, 'a flat foot slaps'],
            [Sign::ToesUp, Likelihood::Usual, 'toes up are flat feet a moment later'],
            [Sign::OnHeels, Likelihood::Often, 'toes up put the weight back'],
            [Sign::HeavyLanding, Likelihood::Often, 'without a spring the floor takes the blow'],
            [Sign::CalvesBurn, Likelihood::Sometimes, 'the shins and calves brake each landing'],
            [Sign::LongContact, Likelihood::Sometimes, 'a flat foot has no spring'],
            [Sign::CatchesToes, Likelihood::Sometimes, 'toes up stand in the way'],
        ],
        'pike' => [
            [Sign::FeetForward, Likelihood::Usual, 'feet in front are half of a pike'],
            [Sign::ChestDown, Likelihood::Often, 'the other half'],
            [Sign::BellyBurns, Likelihood::Often, 'the middle holds the legs up'],
            [Sign::OnlyInTheDouble, Likelihood::Often, 'the legs go forward to make room for two turns'],
            [Sign::CatchesToes, Likelihood::Often, 'toes in front are met early'],
            [Sign::NothingAfterDouble, Likelihood::Sometimes, 'whoever lands folded can\'t go on'],
            [Sign::HeavyLanding, Likelihood::Sometimes, 'folded legs land hard'],
            [Sign::TripsOnSecondPass, Likelihood::Sometimes, 'the feet are where the rope comes down'],
            [Sign::OutOfBreath, Likelihood::Sometimes, 'folding costs more than jumping'],
        ],
        'heel-kick' => [
            [Sign::HeelsToSeat, Likelihood::Usual, 'it is the fault itself, seen'],
            [Sign::NothingAfterDouble, Likelihood::Often, 'only one or two doubles at a time'],
            [Sign::LateNextSingle, Likelihood::Often, 'the feet have a long way back'],
            [Sign::HeavyLanding, Likelihood::Often, 'it lands low and late'],
            [Sign::OnlyInTheDouble, Likelihood::Often, 'the heels go up for the double'],
            [Sign::UnevenBeat, Likelihood::Sometimes, 'the feet come back when they come'],
            [Sign::TripAfterDoubles, Likelihood::Sometimes, 'the next jump starts low'],
            [Sign::DeepKnees, Likelihood::Sometimes, 'it lands with bent knees'],
            [Sign::ThighsBurn, Likelihood::Sometimes, 'the legs are pulled up each time'],
        ],
        'knee-tuck' => [
            [Sign::KneesUp, Likelihood::Usual, 'it is the fault itself, seen'],
            [Sign::OnlyInTheDouble, Likelihood::Often, 'the knees go up for the double'],
            [Sign::UnevenBeat, Likelihood::Often, 'a tuck takes its own time'],
            [Sign::BellyBurns, Likelihood::Often, 'the middle lifts the legs'],
            [Sign::OutOfBreath, Likelihood::Often, 'lifting the legs costs more than jumping'],
            [Sign::HeavyLanding, Likelihood::Sometimes, 'tucked legs come down late'],
            [Sign::LateNextSingle, Likelihood::Sometimes, 'tucked legs come down late'],
            [Sign::NothingAfterDouble, Likelihood::Sometimes, 'it can\'t be kept up'],
            [Sign::BigJumpForDouble, Likelihood::Sometimes, 'the tuck comes with a leap'],
        ],
        'deep-knees' => [
            [Sign::DeepKnees, Likelihood::Usual, 'it is the fault itself, seen'],
            [Sign::ThighsBurn, Likelihood::Often, 'a squat is held by the thighs'],
            [Sign::SlowBeat, Likelihood::Often, 'a squat takes its time'],
            [Sign::LongContact, Likelihood::Often, 'a squat lasts'],
            [Sign::Nerves, Likelihood::Sometimes, 'who is anxious sinks before the jump'],
            [Sign::OnHeels, Likelihood::Sometimes, 'a squat sits back'],
            [Sign::ChestDown, Likelihood::Sometimes, 'a squat bends the trunk'],
            [Sign::OutOfBreath, Likelihood::Sometimes, 'each jump is a squat'],
        ],
        'feet-wide' => [
            [Sign::FeetApart, Likelihood::Usual, 'it is the fault itself, seen'],
            [Sign::CatchesOneFoot, Likelihood::Usual, 'the outer foot is met alone'],
            [Sign::KneesIn, Likelihood::Often, 'feet apart let the knees fall in'],
            [Sign::CatchesToes, Likelihood::Sometimes, 'the arc is narrow at its ends'],
        ],
        'late-feet' => [
            [Sign::KneesUpLate, Likelihood::Usual, 'it is the fault itself, seen'],
            [Sign::CatchesToes, Likelihood::Often, 'the rope meets rising feet'],
            [Sign::OnlyInTheDouble, Likelihood::Often, 'the knees go up for the second turn'],
            [Sign::TripsOnSecondPass, Likelihood::Often, 'the second turn meets rising feet'],
            [Sign::KneesUp, Likelihood::Sometimes, 'it looks like a tuck'],
            [Sign::HeavyLanding, Likelihood::Sometimes, 'the legs are not under the body'],
        ],
        'all-for-one' => [
            [Sign::NothingAfterDouble, Likelihood::Usual, 'it is the fault itself, seen'],
            [Sign::BigJumpForDouble, Likelihood::Often, 'a great leap spends everything'],
            [Sign::HeavyLanding, Likelihood::Often, 'a leap lands hard'],
            [Sign::StopsAndRestarts, Likelihood::Often, 'after each one all begins again'],
            [Sign::LateNextSingle, Likelihood::Often, 'there is nothing left for the next'],
            [Sign::TripAfterDoubles, Likelihood::Sometimes, 'it is landed unready'],
            [Sign::OutOfBreath, Likelihood::Sometimes, 'a great leap spends everything'],
        ],
        'uneven-jumps' => [
            [Sign::UnevenBeat, Likelihood::Usual, 'it is the fault itself, measured'],
            [Sign::BigJumpForDouble, Likelihood::Usual, 'only the double is jumped high'],
            [Sign::LateNextSingle, Likelihood::Often, 'after a bigger jump the next one is late'],
            [Sign::OnlyInTheDouble, Likelihood::Often, 'the doubles are the other jumps'],
            [Sign::StopsAndRestarts, Likelihood::Sometimes, 'the rope can\'t follow'],
            [Sign::HeavyLanding, Likelihood::Sometimes, 'some of the jumps are high'],
        ],
    ];
}
