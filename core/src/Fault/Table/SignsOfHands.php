<?php

declare(strict_types=1);

namespace Zumbo\Core\Fault\Table;

use Zumbo\Core\Fault\Likelihood;
use Zumbo\Core\Fault\Sign;

/**
 * What comes of how the hands and the rope are turned. Common practice, no published source; how often is our assumption.
 */
final class SignsOfHands
{
    /** code of the fault → [sign, how often it comes with it, why] */
    public const ROWS = [
        'hands-wide' => [
            [Sign::HandsDriftOut, Likelihood::Usual, 'it is the fault itself, seen'],
            [Sign::CatchesToes, Likelihood::Often, 'a shorter arc meets the toes first'],
            [Sign::ShouldersBurn, Likelihood::Often, 'held-out arms tire the shoulders'],
            [Sign::RopeHitsHead, Likelihood::Sometimes, 'a shorter arc has less room above, too'],
            [Sign::CatchesOneFoot, Likelihood::Sometimes, 'a shorter arc is narrow at its ends'],
            [Sign::MissesOnlyLate, Likelihood::Sometimes, 'hands drift out as the set goes on'],
            [Sign::CleanFirstThen, Likelihood::Sometimes, 'hands drift out as the set goes on'],
            [Sign::OnlyInTheDouble, Likelihood::Sometimes, 'the second turn is where the arms let go'],
        ],
        'arm-turning' => [
            [Sign::BigCircles, Likelihood::Usual, 'it is the fault itself, seen'],
            [Sign::StiffArms, Likelihood::Often, 'a straight arm can only turn from the shoulder'],
            [Sign::ShouldersBurn, Likelihood::Often, 'forearms should burn, not shoulders'],
            [Sign::WhistleWeak, Likelihood::Often, 'a whole arm is slower than a wrist'],
            [Sign::LowestPointWanders, Likelihood::Often, 'the circle of an arm moves the arc'],
            [Sign::SlowBeat, Likelihood::Sometimes, 'the rope sets the beat, and it is slow'],
            [Sign::RopeLags, Likelihood::Sometimes, 'the arm is on its way before the rope is'],
            [Sign::NoWhistle, Likelihood::Sometimes, 'a whole arm is slower than a wrist'],
            [Sign::HandsDriftOut, Likelihood::Sometimes, 'a circle from the shoulder leads outward'],
            [Sign::TripsOnSecondPass, Likelihood::Sometimes, 'two circles of an arm take too long'],
        ],
        'hands-high' => [
            [Sign::HandsAboveWaist, Likelihood::Usual, 'it is the fault itself, seen'],
            [Sign::HandsClimb, Likelihood::Usual, 'they climb before they are high'],
            [Sign::OnlyInTheDouble, Likelihood::Often, 'for the double the hands go up with the jump'],
            [Sign::RopeHitsHead, Likelihood::Often, 'a lifted arc is out of its plane'],
            [Sign::CatchesToes, Likelihood::Often, 'a lifted arc meets the toes'],
            [Sign::TripsOnSecondPass, Likelihood::Sometimes, 'the arc has left the floor by then'],
            [Sign::ShouldersUp, Likelihood::Sometimes, 'lifted hands lift the shoulders'],
            [Sign::ShouldersBurn, Likelihood::Sometimes, 'lifted arms are carried by the shoulders'],
        ],
        'hands-uneven' => [
            [Sign::HandsUneven, Likelihood::Usual, 'it is the fault itself, seen'],
            [Sign::OneHandLags, Likelihood::Usual, 'one hand that is late is one hand that is elsewhere'],
            [Sign::RopeOffCentre, Likelihood::Often, 'a tilted axis lands off centre'],
            [Sign::CatchesOneFoot, Likelihood::Often, 'the low side of the arc is at one foot'],
            [Sign::WhistleUneven, Likelihood::Often, 'each hand turns at a speed of its own'],
            [Sign::LowestPointWanders, Likelihood::Sometimes, 'a tilted axis does not stand still'],
            [Sign::CordTwists, Likelihood::Sometimes, 'hands that turn apart wind the cord up'],
        ],
        'thumbs-forward' => [
            [Sign::HandsSwing, Likelihood::Usual, 'throwing is a swing forward and back'],
            [Sign::CordTwists, Likelihood::Often, 'a thrown rope turns about itself'],
            [Sign::LowestPointWanders, Likelihood::Often, 'a thrown rope wanders'],
            [Sign::HandsAhead, Likelihood::Often, 'thumbs that point forward carry the hands along'],
            [Sign::RopeOffCentre, Likelihood::Sometimes, 'a thrown rope wanders'],
            [Sign::RopeFarInFront, Likelihood::Sometimes, 'it lands where it was thrown'],
        ],
        'hands-close' => [
            [Sign::HandsTogether, Likelihood::Usual, 'it is the fault itself, seen'],
            [Sign::CatchesShoulder, Likelihood::Usual, 'a narrow rope meets the shoulders'],
            [Sign::RopeHitsHead, Likelihood::Sometimes, 'a narrow arc has no room beside the head'],
            [Sign::CatchesOneFoot, Likelihood::Sometimes, 'a narrow arc has no room beside the feet'],
            [Sign::CatchesToes, Likelihood::Sometimes, 'a narrow arc has no room for the feet'],
            [Sign::HandsAhead, Likelihood::Sometimes, 'hands meet in front'],
        ],
        'late-spin' => [
            [Sign::LateHands, Likelihood::Usual, 'it is the fault itself, seen'],
            [Sign::TripsOnSecondPass, Likelihood::Usual, 'the second turn comes as the feet do'],
            [Sign::BigJumpForDouble, Likelihood::Often, 'height is sought for the time that was lost'],
            [Sign::OnlyInTheDouble, Likelihood::Often, 'only a double needs the hands to be early'],
            [Sign::HeavyLanding, Likelihood::Sometimes, 'the leap that buys the time'],
            [Sign::CatchesToes, Likelihood::Sometimes, 'the rope meets the feet as they come down'],
        ],
        'frantic-spin' => [
            [Sign::WhirrBeforeTakeOff, Likelihood::Usual, 'the rope is heard before the jump'],
            [Sign::BeatSpeedsUp, Likelihood::Often, 'a hurried rope pulls the beat along'],
            [Sign::ForearmsBurn, Likelihood::Often, 'the wrists never rest'],
            [Sign::OnlyInTheDouble, Likelihood::Sometimes, 'the hurry is for the double'],
            [Sign::UnevenBeat, Likelihood::Sometimes, 'the jump runs after the rope'],
            [Sign::WhistleUneven, Likelihood::Sometimes, 'a hurried rope does not keep its speed'],
            [Sign::TripAfterDoubles, Likelihood::Sometimes, 'wrists that do not slow down pull the next turn in'],
            [Sign::CatchesToes, Likelihood::Sometimes, 'the rope is there before the feet are up'],
        ],
        'slow-spin' => [
            [Sign::NoWhistle, Likelihood::Usual, 'a quick rope whistles'],
            [Sign::WhistleWeak, Likelihood::Usual, 'it whistles, but not enough'],
            [Sign::TripsOnSecondPass, Likelihood::Usual, 'the second turn is not done in time'],
            [Sign::OnlyInTheDouble, Likelihood::Often, 'it is fast enough for singles'],
            [Sign::BigJumpForDouble, Likelihood::Sometimes, 'height is sought for the speed that is missing'],
            [Sign::RopeLags, Likelihood::Sometimes, 'a slow rope hangs behind the hands'],
        ],
        'exit-collapse' => [
            [Sign::TripAfterDoubles, Likelihood::Usual, 'the first single after doubles is where it shows'],
            [Sign::LateNextSingle, Likelihood::Often, 'wrist and jump part company'],
            [Sign::StopsAndRestarts, Likelihood::Often, 'it ends with a halt'],
            [Sign::NothingAfterDouble, Likelihood::Sometimes, 'the rope is not under control'],
            [Sign::WhirrBeforeTakeOff, Likelihood::Sometimes, 'the wrists go on at double speed'],
            [Sign::UnevenBeat, Likelihood::Sometimes, 'the first single comes when it comes'],
        ],
    ];
}
