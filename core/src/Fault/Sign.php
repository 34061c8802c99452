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
    case CatchesToes = 'catches-toes';
    case CatchesOneFoot = 'catches-one-foot';
    case CatchesShoulder = 'catches-shoulder';
    case FeetForward = 'feet-forward';
    case HeelsToSeat = 'heels-to-seat';
    case FeetApart = 'feet-apart';
    case KneesUp = 'knees-up';
    case KneesUpLate = 'knees-up-late';
    case DeepKnees = 'deep-knees';
    case OnHeels = 'on-heels';
    case ChestDown = 'chest-down';
    case BoardStiff = 'board-stiff';
    case HipsSway = 'hips-sway';
    case ShouldersUp = 'shoulders-up';
    case Travels = 'travels';
    case HeadBobs = 'head-bobs';
    case HeadTurns = 'head-turns';
    case BigJumpForDouble = 'big-jump-for-double';
    case NothingAfterDouble = 'nothing-after-double';
    case TripAfterDoubles = 'trip-after-doubles';
    case RopeHitsHead = 'rope-hits-head';
    case RopeFarInFront = 'rope-far-in-front';
    case RopeOffCentre = 'rope-off-centre';
    case RopeKinked = 'rope-kinked';
    case RopeWithoutFeel = 'rope-without-feel';
    case TripsOnSecondPass = 'trips-on-second-pass';
    case HeavyLanding = 'heavy-landing';
    case TwoLandings = 'two-landings';
    case Slap = 'slap';
    case WhirrBeforeTakeOff = 'whirr-before-take-off';
    case NoWhistle = 'no-whistle';
    case LongContact = 'long-contact';
    case UnevenBeat = 'uneven-beat';
    case BeatSpeedsUp = 'beat-speeds-up';
    case MissesOnlyLate = 'misses-only-late';
    case WorseWithEffort = 'worse-with-effort';
    case ShouldersBurn = 'shoulders-burn';

    public function place(): Place
    {
        return match (true) {
            $this->isOneOf(
                self::HandsDriftOut,
                self::HandsAboveWaist,
                self::HandsUneven,
                self::HandsSwing,
                self::HandsTogether,
                self::BigCircles,
                self::StiffArms,
                self::LateHands,
            ) => Place::Hands,
            $this->isOneOf(self::CatchesToes, self::CatchesOneFoot, self::FeetForward, self::FeetApart, self::OnHeels) => Place::Feet,
            $this->isOneOf(self::HeelsToSeat, self::KneesUp, self::KneesUpLate, self::DeepKnees) => Place::Legs,
            $this->isOneOf(self::ChestDown, self::BoardStiff, self::HipsSway, self::ShouldersUp, self::Travels) => Place::Trunk,
            $this->isOneOf(self::HeadBobs, self::HeadTurns) => Place::Head,
            $this->isOneOf(
                self::RopeHitsHead,
                self::CatchesShoulder,
                self::RopeFarInFront,
                self::RopeOffCentre,
                self::RopeKinked,
                self::RopeWithoutFeel,
                self::TripsOnSecondPass,
            ) => Place::Rope,
            $this->isOneOf(self::HeavyLanding, self::TwoLandings, self::Slap, self::WhirrBeforeTakeOff, self::NoWhistle) => Place::Sound,
            self::ShouldersBurn === $this => Place::Feeling,
            default => Place::Beat,
        };
    }

    private function isOneOf(self ...$signs): bool
    {
        return \in_array($this, $signs, true);
    }
}
