<?php

declare(strict_types=1);

namespace Zumbo\Core\Fault;

/**
 * How much each sign speaks for each fault, and why. Common practice, no published source; the weights are our
 * assumption.
 */
final class FaultSigns
{
    /** code of the fault → [sign, weight, reason] */
    private const ROWS = [
        'hands-wide' => [
            [Sign::HandsDriftOut, Weight::Telltale, 'it is the fault itself, seen'],
            [Sign::CatchesToes, Weight::Weak, 'a shorter arc meets the toes first'],
            [Sign::ShouldersBurn, Weight::Weak, 'held-out arms tire the shoulders'],
            [Sign::MissesOnlyLate, Weight::Weak, 'hands drift out as the set goes on'],
        ],
        'arm-turning' => [
            [Sign::BigCircles, Weight::Telltale, 'it is the fault itself, seen'],
            [Sign::StiffArms, Weight::Strong, 'a straight arm can only turn from the shoulder'],
            [Sign::ShouldersBurn, Weight::Strong, 'forearms should burn, not shoulders'],
        ],
        'hands-high' => [
            [Sign::HandsAboveWaist, Weight::Telltale, 'it is the fault itself, seen'],
            [Sign::RopeHitsHead, Weight::Weak, 'a lifted arc is out of its plane'],
            [Sign::CatchesToes, Weight::Weak, 'a lifted arc meets the toes'],
        ],
        'hands-uneven' => [
            [Sign::HandsUneven, Weight::Telltale, 'it is the fault itself, seen'],
            [Sign::RopeOffCentre, Weight::Strong, 'a tilted axis lands off centre'],
            [Sign::CatchesOneFoot, Weight::Weak, 'the low side of the arc is at one foot'],
        ],
        'thumbs-forward' => [
            [Sign::HandsSwing, Weight::Telltale, 'throwing is a swing forward and back'],
            [Sign::RopeOffCentre, Weight::Weak, 'a thrown rope wanders'],
        ],
        'jump-high' => [
            [Sign::HeadBobs, Weight::Strong, 'the head shows the height of the jump'],
            [Sign::HeavyLanding, Weight::Strong, 'what goes up high comes down hard'],
        ],
        'double-bounce' => [
            [Sign::TwoLandings, Weight::Telltale, 'two landings a turn are the fault itself, heard'],
        ],
        'bottom-pause' => [
            [Sign::LongContact, Weight::Telltale, 'it is the fault itself, measured'],
            [Sign::OnHeels, Weight::Strong, 'who settles on the heels has stopped'],
        ],
        'flat-feet' => [
            [Sign::Slap, Weight::Telltale, 'a flat foot slaps'],
            [Sign::OnHeels, Weight::Weak, 'toes up puts the weight back'],
        ],
        'pike' => [
            [Sign::FeetForward, Weight::Telltale, 'feet in front are half of a pike'],
            [Sign::ChestDown, Weight::Weak, 'the other half, alone it may be a droop'],
            [Sign::CatchesToes, Weight::Weak, 'toes in front are met early'],
        ],
        'heel-kick' => [
            [Sign::HeelsToSeat, Weight::Telltale, 'it is the fault itself, seen'],
            [Sign::NothingAfterDouble, Weight::Weak, 'only one or two doubles at a time'],
        ],
        'knee-tuck' => [
            [Sign::KneesUp, Weight::Telltale, 'it is the fault itself, seen'],
            [Sign::UnevenBeat, Weight::Weak, 'a tuck takes its own time'],
        ],
        'deep-knees' => [
            [Sign::DeepKnees, Weight::Telltale, 'it is the fault itself, seen'],
            [Sign::LongContact, Weight::Weak, 'a squat lasts'],
        ],
        'feet-wide' => [
            [Sign::FeetApart, Weight::Telltale, 'it is the fault itself, seen'],
            [Sign::CatchesOneFoot, Weight::Strong, 'the outer foot is met alone'],
        ],
        'late-spin' => [
            [Sign::LateHands, Weight::Telltale, 'it is the fault itself, seen'],
            [Sign::TripsOnSecondPass, Weight::Strong, 'the second turn comes as the feet do'],
            [Sign::BigJumpForDouble, Weight::Weak, 'height is sought for the time that was lost'],
        ],
        'frantic-spin' => [
            [Sign::WhirrBeforeTakeOff, Weight::Telltale, 'the rope is heard before the jump'],
            [Sign::BeatSpeedsUp, Weight::Weak, 'a hurried rope pulls the beat along'],
        ],
        'slow-spin' => [
            [Sign::NoWhistle, Weight::Telltale, 'a quick rope whistles'],
            [Sign::TripsOnSecondPass, Weight::Strong, 'the second turn is not done in time'],
        ],
        'uneven-jumps' => [
            [Sign::UnevenBeat, Weight::Telltale, 'it is the fault itself, measured'],
            [Sign::BigJumpForDouble, Weight::Strong, 'only the double is jumped high'],
        ],
        'rushing' => [
            [Sign::BeatSpeedsUp, Weight::Telltale, 'it is the fault itself, measured'],
        ],
        'tension' => [
            [Sign::ShouldersUp, Weight::Telltale, 'raised shoulders are tension'],
            [Sign::WorseWithEffort, Weight::Strong, 'trying harder makes it worse'],
        ],
        'drifting' => [
            [Sign::Travels, Weight::Telltale, 'it is the fault itself, seen'],
        ],
        'looking-around' => [
            [Sign::HeadTurns, Weight::Telltale, 'it is the fault itself, seen'],
        ],
        'loose-middle' => [
            [Sign::HipsSway, Weight::Telltale, 'it is the fault itself, seen'],
        ],
        'hands-close' => [
            [Sign::HandsTogether, Weight::Telltale, 'it is the fault itself, seen'],
            [Sign::CatchesShoulder, Weight::Strong, 'a narrow rope meets the shoulders'],
        ],
        'all-for-one' => [
            [Sign::NothingAfterDouble, Weight::Telltale, 'it is the fault itself, seen'],
            [Sign::BigJumpForDouble, Weight::Strong, 'a great leap spends everything'],
            [Sign::HeavyLanding, Weight::Weak, 'a leap lands hard'],
        ],
        'trunk' => [
            [Sign::ChestDown, Weight::Strong, 'a drooped trunk, or half a pike'],
            [Sign::BoardStiff, Weight::Telltale, 'it is the fault itself, seen'],
        ],
        'late-feet' => [
            [Sign::KneesUpLate, Weight::Telltale, 'it is the fault itself, seen'],
            [Sign::CatchesToes, Weight::Weak, 'feet that rise late meet the rope'],
        ],
        'exit-collapse' => [
            [Sign::TripAfterDoubles, Weight::Telltale, 'the first single after doubles is where it shows'],
        ],
        'tired' => [
            [Sign::MissesOnlyLate, Weight::Telltale, 'fine when fresh is not technique'],
            [Sign::DeepKnees, Weight::Weak, 'tired legs sink'],
        ],
        'rope-worn' => [
            [Sign::RopeKinked, Weight::Telltale, 'it is seen on the rope'],
            [Sign::RopeOffCentre, Weight::Strong, 'one side longer, with level hands'],
        ],
        'rope-size' => [
            [Sign::RopeFarInFront, Weight::Telltale, 'too long a rope lands far in front'],
            [Sign::CatchesToes, Weight::Strong, 'too short a rope catches the toes'],
            [Sign::RopeWithoutFeel, Weight::Strong, 'too light a rope gives no feel'],
        ],
    ];

    /**
     * @param key-of<self::ROWS> $fault
     *
     * @return non-empty-list<Evidence>
     */
    public static function of(string $fault): array
    {
        return array_map(static fn (array $row): Evidence => new Evidence(...$row), self::ROWS[$fault]);
    }
}
