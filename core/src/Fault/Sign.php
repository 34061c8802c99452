<?php

declare(strict_types=1);

namespace Zumbo\Core\Fault;

/**
 * Something seen, heard, felt or measured, and where one looks for it. Common practice, no published source.
 */
enum Sign: string
{
    case HandsDriftOut = 'hands-drift-out';
    case HandsAboveWaist = 'hands-above-waist';
    case HandsUneven = 'hands-uneven';
    case HandsSwing = 'hands-swing';
    case HandsTogether = 'hands-together';
    case BigCircles = 'big-circles';
    case StiffArms = 'stiff-arms';
    case LateHands = 'late-hands';
    case HandsClimb = 'hands-climb';
    case OneHandLags = 'one-hand-lags';
    case HandsAhead = 'hands-ahead';
    case WhiteKnuckles = 'white-knuckles';
    case CatchesToes = 'catches-toes';
    case CatchesOneFoot = 'catches-one-foot';
    case CatchesShoulder = 'catches-shoulder';
    case FeetForward = 'feet-forward';
    case ToesUp = 'toes-up';
    case HeelsToSeat = 'heels-to-seat';
    case FeetApart = 'feet-apart';
    case KneesUp = 'knees-up';
    case KneesUpLate = 'knees-up-late';
    case DeepKnees = 'deep-knees';
    case KneesIn = 'knees-in';
    case StiffLegs = 'stiff-legs';
    case JumpsHighInSingles = 'jumps-high-in-singles';
    case OnHeels = 'on-heels';
    case ChestDown = 'chest-down';
    case BoardStiff = 'board-stiff';
    case HipsSway = 'hips-sway';
    case ShouldersUp = 'shoulders-up';
    case Travels = 'travels';
    case HeadBobs = 'head-bobs';
    case HeadTurns = 'head-turns';
    case JawClenched = 'jaw-clenched';
    case BigJumpForDouble = 'big-jump-for-double';
    case NothingAfterDouble = 'nothing-after-double';
    case TripAfterDoubles = 'trip-after-doubles';
    case RopeHitsHead = 'rope-hits-head';
    case RopeFarInFront = 'rope-far-in-front';
    case RopeOffCentre = 'rope-off-centre';
    case RopeKinked = 'rope-kinked';
    case RopeWithoutFeel = 'rope-without-feel';
    case TripsOnSecondPass = 'trips-on-second-pass';
    case RopeLags = 'rope-lags';
    case RopeHeavy = 'rope-heavy';
    case LowestPointWanders = 'lowest-point-wanders';
    case CordTwists = 'cord-twists';
    case HeavyLanding = 'heavy-landing';
    case TwoLandings = 'two-landings';
    case Slap = 'slap';
    case WhirrBeforeTakeOff = 'whirr-before-take-off';
    case NoWhistle = 'no-whistle';
    case WhistleWeak = 'whistle-weak';
    case WhistleFalls = 'whistle-falls';
    case WhistleUneven = 'whistle-uneven';
    case HissWithoutTick = 'hiss-without-tick';
    case Squeak = 'squeak';
    case LongContact = 'long-contact';
    case UnevenBeat = 'uneven-beat';
    case BeatSpeedsUp = 'beat-speeds-up';
    case SlowBeat = 'slow-beat';
    case LateNextSingle = 'late-next-single';
    case StopsAndRestarts = 'stops-and-restarts';
    case OnlyInTheDouble = 'only-in-the-double';
    case CleanFirstThen = 'clean-first-then';
    case MissesOnlyLate = 'misses-only-late';
    case WorseWithEffort = 'worse-with-effort';
    case ShouldersBurn = 'shoulders-burn';
    case ForearmsBurn = 'forearms-burn';
    case BellyBurns = 'belly-burns';
    case ThighsBurn = 'thighs-burn';
    case CalvesBurn = 'calves-burn';
    case OutOfBreath = 'out-of-breath';
    case Nerves = 'nerves';
    case Temper = 'temper';

    private const PLACES = [
        'hands' => [
            self::HandsDriftOut,
            self::HandsAboveWaist,
            self::HandsUneven,
            self::HandsSwing,
            self::HandsTogether,
            self::HandsClimb,
            self::HandsAhead,
            self::OneHandLags,
            self::BigCircles,
            self::StiffArms,
            self::LateHands,
            self::WhiteKnuckles,
        ],
        'feet' => [
            self::CatchesToes,
            self::CatchesOneFoot,
            self::FeetForward,
            self::FeetApart,
            self::OnHeels,
            self::ToesUp,
        ],
        'legs' => [
            self::HeelsToSeat,
            self::KneesUp,
            self::KneesUpLate,
            self::DeepKnees,
            self::KneesIn,
            self::StiffLegs,
            self::JumpsHighInSingles,
            self::BigJumpForDouble,
        ],
        'trunk' => [self::ChestDown, self::BoardStiff, self::HipsSway, self::ShouldersUp, self::Travels],
        'head' => [self::HeadBobs, self::HeadTurns, self::JawClenched],
        'rope' => [
            self::TripsOnSecondPass,
            self::RopeHitsHead,
            self::CatchesShoulder,
            self::RopeFarInFront,
            self::RopeOffCentre,
            self::LowestPointWanders,
            self::RopeLags,
            self::RopeKinked,
            self::CordTwists,
            self::RopeWithoutFeel,
            self::RopeHeavy,
        ],
        'sound' => [
            self::HeavyLanding,
            self::TwoLandings,
            self::Slap,
            self::WhirrBeforeTakeOff,
            self::NoWhistle,
            self::WhistleWeak,
            self::WhistleFalls,
            self::WhistleUneven,
            self::HissWithoutTick,
            self::Squeak,
        ],
        'feeling' => [
            self::ShouldersBurn,
            self::ForearmsBurn,
            self::BellyBurns,
            self::ThighsBurn,
            self::CalvesBurn,
            self::OutOfBreath,
            self::Nerves,
            self::Temper,
        ],
    ];

    /** Seen now and then whatever is the matter: what goes wrong ends in one of them. */
    private const COMMON = [
        self::CatchesToes,
        self::OnlyInTheDouble,
        self::SlowBeat,
        self::LateNextSingle,
        self::StopsAndRestarts,
        self::UnevenBeat,
        self::HeavyLanding,
        self::OutOfBreath,
        self::CalvesBurn,
        self::Nerves,
        self::MissesOnlyLate,
        self::TripsOnSecondPass,
        self::BigJumpForDouble,
    ];

    public function place(): Place
    {
        foreach (self::PLACES as $place => $signs) {
            if (\in_array($this, $signs, true)) {
                return Place::from($place);
            }
        }

        return Place::Beat;
    }

    /** How often it is noted of somebody whose fault has nothing to do with it, seen or imagined (our assumption). */
    public function background(): float
    {
        return \in_array($this, self::COMMON, true) ? 0.06 : 0.02;
    }

    /** That it comes with fatigue only: a matter of load before it is one of technique. */
    public function isLate(): bool
    {
        return \in_array($this, [self::MissesOnlyLate, self::CleanFirstThen, self::WhistleFalls], true);
    }
}
