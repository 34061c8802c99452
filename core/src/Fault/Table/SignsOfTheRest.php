<?php

declare(strict_types=1);

namespace Zumbo\Core\Fault\Table;

use Zumbo\Core\Fault\Likelihood;
use Zumbo\Core\Fault\Sign;

/**
 * What comes of the trunk, the head, nerves, the load and the rope. Common practice, no published source; how often is our assumption.
 */
final class SignsOfTheRest
{
    /** code of the fault → [sign, how often it comes with it, why] */
    public const ROWS = [
        'rushing' => [
            [Sign::BeatSpeedsUp, Likelihood::Usual, 'it is the fault itself, measured'],
            [Sign::StopsAndRestarts, Likelihood::Often, 'it ends in a trip, and begins again'],
            [Sign::Nerves, Likelihood::Often, 'who is nervous hurries'],
            [Sign::OutOfBreath, Likelihood::Sometimes, 'nobody breathes in a hurry'],
            [Sign::CatchesToes, Likelihood::Sometimes, 'it ends in a trip'],
            [Sign::CleanFirstThen, Likelihood::Sometimes, 'it begins calm'],
        ],
        'tension' => [
            [Sign::ShouldersUp, Likelihood::Usual, 'raised shoulders are tension'],
            [Sign::JawClenched, Likelihood::Usual, 'the jaw shows it first'],
            [Sign::WhiteKnuckles, Likelihood::Usual, 'who holds on hard is tense'],
            [Sign::WorseWithEffort, Likelihood::Often, 'trying harder makes it worse'],
            [Sign::ForearmsBurn, Likelihood::Often, 'a hard grip burns the forearms'],
            [Sign::WhistleWeak, Likelihood::Often, 'a tense wrist is slow'],
            [Sign::Nerves, Likelihood::Often, 'nerves are tension'],
            [Sign::StiffArms, Likelihood::Sometimes, 'tense arms are stiff'],
            [Sign::HandsDriftOut, Likelihood::Sometimes, 'raised shoulders take the elbows along'],
            [Sign::StiffLegs, Likelihood::Sometimes, 'tense legs are stiff'],
            [Sign::ShouldersBurn, Likelihood::Sometimes, 'raised shoulders burn'],
            [Sign::NoWhistle, Likelihood::Sometimes, 'a tense wrist is slow'],
            [Sign::CleanFirstThen, Likelihood::Sometimes, 'tension grows with the set'],
        ],
        'drifting' => [
            [Sign::Travels, Likelihood::Usual, 'it is the fault itself, seen'],
            [Sign::CatchesToes, Likelihood::Sometimes, 'arc and body part'],
            [Sign::CatchesOneFoot, Likelihood::Sometimes, 'arc and body part'],
            [Sign::UnevenBeat, Likelihood::Sometimes, 'each jump goes somewhere else'],
        ],
        'looking-around' => [
            [Sign::HeadTurns, Likelihood::Usual, 'it is the fault itself, seen'],
            [Sign::HandsUneven, Likelihood::Often, 'the head moves the hands'],
            [Sign::RopeOffCentre, Likelihood::Often, 'the head moves the hands'],
            [Sign::Travels, Likelihood::Often, 'one goes where one looks'],
            [Sign::LowestPointWanders, Likelihood::Sometimes, 'the head moves the hands'],
            [Sign::OneHandLags, Likelihood::Sometimes, 'the head moves the hands'],
            [Sign::UnevenBeat, Likelihood::Sometimes, 'who looks about forgets the beat'],
        ],
        'loose-middle' => [
            [Sign::HipsSway, Likelihood::Usual, 'it is the fault itself, seen'],
            [Sign::UnevenBeat, Likelihood::Often, 'everything moves'],
            [Sign::Travels, Likelihood::Often, 'everything moves'],
            [Sign::HandsUneven, Likelihood::Often, 'everything moves'],
            [Sign::LowestPointWanders, Likelihood::Often, 'everything moves'],
            [Sign::FeetForward, Likelihood::Often, 'without a firm middle the feet swing'],
            [Sign::RopeOffCentre, Likelihood::Sometimes, 'everything moves'],
            [Sign::OneHandLags, Likelihood::Sometimes, 'everything moves'],
            [Sign::CatchesOneFoot, Likelihood::Sometimes, 'everything moves'],
            [Sign::HeadTurns, Likelihood::Sometimes, 'everything moves'],
            [Sign::ChestDown, Likelihood::Sometimes, 'nothing holds the chest up'],
            [Sign::BellyBurns, Likelihood::Sometimes, 'it works without holding'],
        ],
        'trunk' => [
            [Sign::ChestDown, Likelihood::Usual, 'a drooped trunk'],
            [Sign::BoardStiff, Likelihood::Usual, 'a rigid trunk'],
            [Sign::HandsAhead, Likelihood::Often, 'the hands follow the trunk'],
            [Sign::StiffLegs, Likelihood::Often, 'who is rigid is rigid all over'],
            [Sign::HeavyLanding, Likelihood::Often, 'a board does not spring'],
            [Sign::HandsUneven, Likelihood::Sometimes, 'the hands follow the trunk'],
            [Sign::CatchesToes, Likelihood::Sometimes, 'the arc goes forward with the chest'],
            [Sign::RopeHitsHead, Likelihood::Sometimes, 'the head hangs into the arc'],
        ],
        'tired' => [
            [Sign::MissesOnlyLate, Likelihood::Usual, 'fine when fresh is not technique'],
            [Sign::CleanFirstThen, Likelihood::Usual, 'fine when fresh is not technique'],
            [Sign::WhistleFalls, Likelihood::Usual, 'the wrists get slower'],
            [Sign::OutOfBreath, Likelihood::Often, 'the breath is gone'],
            [Sign::ThighsBurn, Likelihood::Often, 'the legs are used up'],
            [Sign::CalvesBurn, Likelihood::Often, 'the legs are used up'],
            [Sign::DeepKnees, Likelihood::Often, 'tired legs sink'],
            [Sign::ForearmsBurn, Likelihood::Often, 'the wrists are used up'],
            [Sign::HandsDriftOut, Likelihood::Sometimes, 'what needs holding lets go'],
            [Sign::UnevenBeat, Likelihood::Sometimes, 'what needs holding lets go'],
            [Sign::HeavyLanding, Likelihood::Sometimes, 'tired legs do not spring'],
            [Sign::SlowBeat, Likelihood::Sometimes, 'everything gets slower'],
            [Sign::LateHands, Likelihood::Sometimes, 'everything gets slower'],
            [Sign::CatchesToes, Likelihood::Sometimes, 'the jumps get lower'],
            [Sign::ShouldersBurn, Likelihood::Sometimes, 'the arms are used up'],
        ],
        'rope-worn' => [
            [Sign::RopeKinked, Likelihood::Usual, 'it is seen on the rope'],
            [Sign::Squeak, Likelihood::Usual, 'a bearing that sticks is heard'],
            [Sign::RopeOffCentre, Likelihood::Often, 'one side longer, with level hands'],
            [Sign::LowestPointWanders, Likelihood::Often, 'a kink does not run true'],
            [Sign::OneHandLags, Likelihood::Often, 'a bearing that sticks holds one hand back'],
            [Sign::CordTwists, Likelihood::Often, 'a bearing that sticks winds the cord up'],
            [Sign::WhistleUneven, Likelihood::Often, 'a kink is heard once a turn'],
            [Sign::RopeLags, Likelihood::Sometimes, 'a bearing that sticks holds the rope back'],
        ],
        'rope-long' => [
            [Sign::RopeFarInFront, Likelihood::Usual, 'too long a rope lands far in front'],
            [Sign::RopeLags, Likelihood::Usual, 'a long one lags'],
            [Sign::SlowBeat, Likelihood::Often, 'a long way round takes its time'],
            [Sign::LateNextSingle, Likelihood::Often, 'the rope is not there yet'],
            [Sign::LowestPointWanders, Likelihood::Often, 'what is long swings about'],
            [Sign::HandsDriftOut, Likelihood::Often, 'the hands go out to take up what is too much'],
            [Sign::WhistleWeak, Likelihood::Often, 'more rope is harder to make quick'],
            [Sign::TripsOnSecondPass, Likelihood::Sometimes, 'two long turns take too long'],
            [Sign::BigCircles, Likelihood::Sometimes, 'much rope wants a big circle'],
            [Sign::ShouldersBurn, Likelihood::Sometimes, 'much rope is moved by the arms'],
            [Sign::HandsAboveWaist, Likelihood::Sometimes, 'the hands go up to take up what is too much'],
        ],
        'rope-short' => [
            [Sign::CatchesToes, Likelihood::Usual, 'too short a rope catches the toes'],
            [Sign::RopeHitsHead, Likelihood::Often, 'there is no room above, either'],
            [Sign::JumpsHighInSingles, Likelihood::Sometimes, 'one jumps high to get over it'],
            [Sign::KneesUp, Likelihood::Sometimes, 'the feet are pulled out of its way'],
            [Sign::ChestDown, Likelihood::Sometimes, 'one stoops to reach the floor with it'],
            [Sign::FeetForward, Likelihood::Sometimes, 'the feet are put where there is room'],
            [Sign::CatchesShoulder, Likelihood::Sometimes, 'there is no room anywhere'],
        ],
        'rope-light' => [
            [Sign::RopeWithoutFeel, Likelihood::Usual, 'too light a rope gives no feel'],
            [Sign::HissWithoutTick, Likelihood::Usual, 'what hardly touches the floor does not tick'],
            [Sign::BigCircles, Likelihood::Often, 'with a light rope the arms take over'],
            [Sign::LowestPointWanders, Likelihood::Often, 'a light rope goes where the air takes it'],
            [Sign::ShouldersBurn, Likelihood::Sometimes, 'with a light rope the arms take over'],
            [Sign::ForearmsBurn, Likelihood::Sometimes, 'the wrists hurry for want of feel'],
            [Sign::UnevenBeat, Likelihood::Sometimes, 'the beat is not felt'],
        ],
        'rope-heavy' => [
            [Sign::RopeHeavy, Likelihood::Usual, 'it is felt at once'],
            [Sign::ForearmsBurn, Likelihood::Often, 'the wrists turn a weight'],
            [Sign::ShouldersBurn, Likelihood::Often, 'the arms turn a weight'],
            [Sign::WhistleWeak, Likelihood::Often, 'a heavy rope is hard to make quick'],
            [Sign::NoWhistle, Likelihood::Sometimes, 'a heavy rope is hard to make quick'],
            [Sign::SlowBeat, Likelihood::Sometimes, 'a heavy rope sets a slow beat'],
        ],
    ];
}
