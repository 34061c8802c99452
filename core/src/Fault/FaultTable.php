<?php

declare(strict_types=1);

namespace Zumbo\Core\Fault;

use Zumbo\Core\Stage\Stage;

/**
 * All faults with their signs, cue, drill and step back. Common practice, no published source; the weights are our
 * assumption, each with its reason.
 */
final class FaultTable
{
    /** code → [why it matters, cue, drill, step back, usual from, usual to, [[sign, weight, reason], …]] */
    private const ROWS = [
        'hands-wide' => ['every cm outward shortens the arc', 'elbows on your ribs', 'a band round the upper arms', Stage::Singles, Stage::Join, Stage::Hold, [[Sign::HandsDriftOut, Weight::Telltale, 'it is the fault itself, seen'], [Sign::CatchesToes, Weight::Weak, 'a shorter arc meets the toes first'], [Sign::ShouldersBurn, Weight::Weak, 'held-out arms tire the shoulders'], [Sign::MissesOnlyLate, Weight::Weak, 'hands drift out as the set goes on']]],
        'arm-turning' => ['a slow rope and a moving arc', 'small quick wrists', 'one-hand turns, handle spin', Stage::Turn, Stage::Turn, Stage::Mix, [[Sign::BigCircles, Weight::Telltale, 'it is the fault itself, seen'], [Sign::StiffArms, Weight::Strong, 'a straight arm can only turn from the shoulder'], [Sign::ShouldersBurn, Weight::Strong, 'forearms should burn, not shoulders']]],
        'hands-high' => ['the arc leaves the floor', 'hands at your pockets', 'double claps without a rope', Stage::Snap, Stage::Snap, Stage::Hold, [[Sign::HandsAboveWaist, Weight::Telltale, 'it is the fault itself, seen'], [Sign::RopeHitsHead, Weight::Weak, 'a lifted arc is out of its plane'], [Sign::CatchesToes, Weight::Weak, 'a lifted arc meets the toes']]],
        'hands-uneven' => ['a twisted arc', 'both hands at one height', 'the weak hand alone, before a mirror', Stage::Turn, Stage::Turn, Stage::Hold, [[Sign::HandsUneven, Weight::Telltale, 'it is the fault itself, seen'], [Sign::RopeOffCentre, Weight::Strong, 'a tilted axis lands off centre'], [Sign::CatchesOneFoot, Weight::Weak, 'the low side of the arc is at one foot']]],
        'thumbs-forward' => ['the rope twists at speed', 'thumbnails to the walls, flick down', 'side turns', Stage::Turn, Stage::Turn, Stage::Mix, [[Sign::HandsSwing, Weight::Telltale, 'throwing is a swing forward and back'], [Sign::RopeOffCentre, Weight::Weak, 'a thrown rope wanders']]],
        'jump-high' => ['tires, breaks the beat, shin pain', 'just clear the floor', 'line hops, low singles', Stage::Jump, Stage::Jump, Stage::Link, [[Sign::HeadBobs, Weight::Strong, 'the head shows the height of the jump'], [Sign::HeavyLanding, Weight::Strong, 'what goes up high comes down hard']]],
        'double-bounce' => ['it can\'t be made faster', 'one jump, one turn', 'swing and stop: one, two, three', Stage::Join, Stage::Join, Stage::Singles, [[Sign::TwoLandings, Weight::Telltale, 'two landings a turn are the fault itself, heard']]],
        'bottom-pause' => ['kills the rebound', 'bounce, don\'t land', 'line hops to a beat', Stage::Jump, Stage::Jump, Stage::Range, [[Sign::LongContact, Weight::Telltale, 'it is the fault itself, measured'], [Sign::OnHeels, Weight::Strong, 'who settles on the heels has stopped']]],
        'flat-feet' => ['no spring', 'point the feet', 'calf bounces', Stage::Jump, Stage::Jump, Stage::Range, [[Sign::Slap, Weight::Telltale, 'a flat foot slaps'], [Sign::OnHeels, Weight::Weak, 'toes up puts the weight back']]],
        'pike' => ['the rope can\'t pass, the middle burns out', 'stand tall, toes under you', 'tall singles', Stage::Range, Stage::Snap, Stage::Hold, [[Sign::FeetForward, Weight::Telltale, 'feet in front are half of a pike'], [Sign::ChestDown, Weight::Weak, 'the other half, alone it may be a droop'], [Sign::CatchesToes, Weight::Weak, 'toes in front are met early']]],
        'heel-kick' => ['lands low, the next jump is harder', 'point the toes', 'tall singles, hollow hold', Stage::Range, Stage::Snap, Stage::Hold, [[Sign::HeelsToSeat, Weight::Telltale, 'it is the fault itself, seen'], [Sign::NothingAfterDouble, Weight::Weak, 'only one or two doubles at a time']]],
        'knee-tuck' => ['can\'t be kept up, uneven beat', 'long legs', 'bar taps', Stage::Range, Stage::Snap, Stage::Hold, [[Sign::KneesUp, Weight::Telltale, 'it is the fault itself, seen'], [Sign::UnevenBeat, Weight::Weak, 'a tuck takes its own time']]],
        'deep-knees' => ['slow, costs much', 'quiet and springy', 'quick low singles', Stage::Range, Stage::Jump, Stage::Hold, [[Sign::DeepKnees, Weight::Telltale, 'it is the fault itself, seen'], [Sign::LongContact, Weight::Weak, 'a squat lasts']]],
        'feet-wide' => ['the arc is narrow at its ends', 'zip your feet', 'line hops', Stage::Jump, Stage::Join, Stage::Link, [[Sign::FeetApart, Weight::Telltale, 'it is the fault itself, seen'], [Sign::CatchesOneFoot, Weight::Strong, 'the outer foot is met alone']]],
        'late-spin' => ['no time for two turns', 'hands go as your toes leave', 'claps without a rope, standing-start double', Stage::Snap, Stage::Snap, Stage::Link, [[Sign::LateHands, Weight::Telltale, 'it is the fault itself, seen'], [Sign::TripsOnSecondPass, Weight::Strong, 'the second turn comes as the feet do'], [Sign::BigJumpForDouble, Weight::Weak, 'height is sought for the time that was lost']]],
        'frantic-spin' => ['the timing is lost', 'slow, then snap', 'slow singles, one double', Stage::Snap, Stage::Snap, Stage::Link, [[Sign::WhirrBeforeTakeOff, Weight::Telltale, 'the rope is heard before the jump'], [Sign::BeatSpeedsUp, Weight::Weak, 'a hurried rope pulls the beat along']]],
        'slow-spin' => ['the wrists must be quicker', 'make it whistle', 'one-hand whistle', Stage::Snap, Stage::Snap, Stage::Link, [[Sign::NoWhistle, Weight::Telltale, 'a quick rope whistles'], [Sign::TripsOnSecondPass, Weight::Strong, 'the second turn is not done in time']]],
        'uneven-jumps' => ['the beat is lost', 'every jump the same', 'tall singles to a beat', Stage::Range, Stage::Range, Stage::Link, [[Sign::UnevenBeat, Weight::Telltale, 'it is the fault itself, measured'], [Sign::BigJumpForDouble, Weight::Strong, 'only the double is jumped high']]],
        'rushing' => ['ends in a trip', 'breathe, keep the beat', 'metronome', Stage::Singles, Stage::Singles, Stage::Workout, [[Sign::BeatSpeedsUp, Weight::Telltale, 'it is the fault itself, measured']]],
        'tension' => ['slow wrists', 'relax, shake out', 'slow singles with breathing', Stage::Singles, Stage::Snap, Stage::Workout, [[Sign::ShouldersUp, Weight::Telltale, 'raised shoulders are tension'], [Sign::WorseWithEffort, Weight::Strong, 'trying harder makes it worse']]],
        'drifting' => ['arc and body part', 'stay on your spot', 'jump on a mat, then in a small circle', Stage::Singles, Stage::Singles, Stage::Hold, [[Sign::Travels, Weight::Telltale, 'it is the fault itself, seen']]],
        'looking-around' => ['the head moves the hands', 'eyes on one point', 'a mark on the wall', Stage::Singles, Stage::Singles, Stage::Workout, [[Sign::HeadTurns, Weight::Telltale, 'it is the fault itself, seen']]],
        'loose-middle' => ['everything moves', 'brace', 'hollow hold, tall jumps', Stage::Jump, Stage::Range, Stage::Hold, [[Sign::HipsSway, Weight::Telltale, 'it is the fault itself, seen']]],
        'hands-close' => ['no room for the body in the arc', 'make room for yourself', 'slow singles before a mirror', Stage::Singles, Stage::Join, Stage::Range, [[Sign::HandsTogether, Weight::Telltale, 'it is the fault itself, seen'], [Sign::CatchesShoulder, Weight::Strong, 'a narrow rope meets the shoulders']]],
        'all-for-one' => ['can\'t go on after it', 'land ready', 'a double and a calm step', Stage::Mix, Stage::Snap, Stage::Mix, [[Sign::NothingAfterDouble, Weight::Telltale, 'it is the fault itself, seen'], [Sign::BigJumpForDouble, Weight::Strong, 'a great leap spends everything'], [Sign::HeavyLanding, Weight::Weak, 'a leap lands hard']]],
        'trunk' => ['the hands follow the trunk', 'tall and easy', 'slow singles at the wall', Stage::Jump, Stage::Join, Stage::Hold, [[Sign::ChestDown, Weight::Strong, 'a drooped trunk, or half a pike'], [Sign::BoardStiff, Weight::Telltale, 'it is the fault itself, seen']]],
        'late-feet' => ['the rope meets rising feet', 'long legs, land under you', 'tall singles', Stage::Range, Stage::Snap, Stage::Hold, [[Sign::KneesUpLate, Weight::Telltale, 'it is the fault itself, seen'], [Sign::CatchesToes, Weight::Weak, 'feet that rise late meet the rope']]],
        'exit-collapse' => ['no control of the rope', 'stop the wrists, let it come round', 'a double and a calm step', Stage::Mix, Stage::Mix, Stage::Hold, [[Sign::TripAfterDoubles, Weight::Telltale, 'the first single after doubles is where it shows']]],
        'tired' => ['a matter of pacing and load, not of technique', 'shorter sets', 'planned breaks, fewer reps', null, Stage::Link, Stage::Workout, [[Sign::MissesOnlyLate, Weight::Telltale, 'fine when fresh is not technique'], [Sign::DeepKnees, Weight::Weak, 'tired legs sink']]],
        'rope-worn' => ['the wrong tool', '', 'inspect and mend first', null, Stage::Jump, Stage::Workout, [[Sign::RopeKinked, Weight::Telltale, 'it is seen on the rope'], [Sign::RopeOffCentre, Weight::Strong, 'one side longer, with level hands']]],
        'rope-size' => ['the wrong tool', '', 're-size first', null, Stage::Jump, Stage::Workout, [[Sign::RopeFarInFront, Weight::Telltale, 'too long a rope lands far in front'], [Sign::CatchesToes, Weight::Strong, 'too short a rope catches the toes'], [Sign::RopeWithoutFeel, Weight::Strong, 'too light a rope gives no feel']]],
    ];

    /**
     * @return non-empty-list<Fault>
     */
    public static function all(): array
    {
        return array_map(static fn (string $code): Fault => self::row($code), array_keys(self::ROWS));
    }

    /**
     * @return list<string>
     */
    public static function codes(): array
    {
        return array_keys(self::ROWS);
    }

    /** @throws UnknownFault when there is none of that code */
    public static function named(string $code): Fault
    {
        return isset(self::ROWS[$code]) ? self::row($code) : throw UnknownFault::of($code, array_keys(self::ROWS));
    }

    /**
     * @param key-of<self::ROWS> $code
     */
    private static function row(string $code): Fault
    {
        [$why, $cue, $drill, $stepBack, $from, $to, $signs] = self::ROWS[$code];

        return new Fault($code, $why, $cue, $drill, $stepBack, $from, $to, array_map(static fn (array $row): Evidence => new Evidence(...$row), $signs));
    }
}
