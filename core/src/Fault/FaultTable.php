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
    /**
     * code → [why it matters, cue, drills, step back, usual from, usual to]; of the drills the first counts that is taught
     * by the ways in force; the signs stand in FaultSigns.
     */
    private const ROWS = [
        'hands-wide' => ['every cm outward shortens the arc', 'elbows on your ribs',
            ['elbow-hold', 'band-singles'], Stage::Singles, Stage::Join, Stage::Hold],
        'arm-turning' => ['a slow rope and a moving arc', 'small quick wrists',
            ['side-turns', 'handle-spin'], Stage::Turn, Stage::Turn, Stage::Mix],
        'hands-high' => ['the arc leaves the floor', 'hands at your pockets',
            ['two-clap-jumps'], Stage::Snap, Stage::Snap, Stage::Hold],
        'hands-uneven' => ['a twisted arc', 'both hands at one height',
            ['weak-hand', 'mirror-hands'], Stage::Turn, Stage::Turn, Stage::Hold],
        'thumbs-forward' => ['the rope twists at speed', 'thumbnails to the walls, flick down',
            ['side-turns'], Stage::Turn, Stage::Turn, Stage::Mix],
        'jump-high' => ['tires, breaks the beat, shin pain', 'just clear the floor',
            ['line-hops-side', 'quick-low'], Stage::Jump, Stage::Jump, Stage::Link],
        'double-bounce' => ['it can\'t be made faster', 'one jump, one turn',
            ['swing-and-stop'], Stage::Join, Stage::Join, Stage::Singles],
        'bottom-pause' => ['kills the rebound', 'bounce, don\'t land',
            ['line-hops-forward'], Stage::Jump, Stage::Jump, Stage::Range],
        'flat-feet' => ['no spring', 'point the feet',
            ['calf-bounces'], Stage::Jump, Stage::Jump, Stage::Range],
        'pike' => ['the rope can\'t pass, the middle burns out', 'stand tall, toes under you',
            ['tall-singles'], Stage::Range, Stage::Snap, Stage::Hold],
        'heel-kick' => ['lands low, the next jump is harder', 'point the toes',
            ['tall-singles', 'hollow-hold'], Stage::Range, Stage::Snap, Stage::Hold],
        'knee-tuck' => ['can\'t be kept up, uneven beat', 'long legs',
            ['bar-taps'], Stage::Range, Stage::Snap, Stage::Hold],
        'deep-knees' => ['slow, costs much', 'quiet and springy',
            ['quick-low'], Stage::Range, Stage::Jump, Stage::Hold],
        'feet-wide' => ['the arc is narrow at its ends', 'zip your feet',
            ['line-hops-side'], Stage::Jump, Stage::Join, Stage::Link],
        'late-spin' => ['no time for two turns', 'hands go as your toes leave',
            ['two-clap-jumps', 'standing-double'], Stage::Snap, Stage::Snap, Stage::Link],
        'frantic-spin' => ['the timing is lost', 'slow, then snap',
            ['slow-rope', 'one-double-stop'], Stage::Snap, Stage::Snap, Stage::Link],
        'slow-spin' => ['the wrists must be quicker', 'make it whistle',
            ['double-whip', 'whip-from-rest'], Stage::Snap, Stage::Snap, Stage::Link],
        'uneven-jumps' => ['the beat is lost', 'every jump the same',
            ['twenty-tall'], Stage::Range, Stage::Range, Stage::Link],
        'rushing' => ['ends in a trip', 'breathe, keep the beat',
            ['click-singles', 'silent-singles'], Stage::Singles, Stage::Singles, Stage::Workout],
        'tension' => ['slow wrists', 'relax, shake out',
            ['breathing-singles'], Stage::Singles, Stage::Snap, Stage::Workout],
        'drifting' => ['arc and body part', 'stay on your spot',
            ['mat-singles'], Stage::Singles, Stage::Singles, Stage::Hold],
        'looking-around' => ['the head moves the hands', 'eyes on one point',
            ['eyes-on-a-mark'], Stage::Singles, Stage::Singles, Stage::Workout],
        'loose-middle' => ['everything moves', 'brace',
            ['hollow-hold', 'tall-hops'], Stage::Jump, Stage::Range, Stage::Hold],
        'hands-close' => ['no room for the body in the arc', 'make room for yourself',
            ['mirror-hands', 'backward-turns'], Stage::Singles, Stage::Join, Stage::Range],
        'all-for-one' => ['can\'t go on after it', 'land ready',
            ['double-and-calm-step', 'double-and-stand'], Stage::Mix, Stage::Snap, Stage::Mix],
        'trunk' => ['the hands follow the trunk', 'tall and easy',
            ['wall-singles'], Stage::Jump, Stage::Join, Stage::Hold],
        'late-feet' => ['the rope meets rising feet', 'long legs, land under you',
            ['tall-singles'], Stage::Range, Stage::Snap, Stage::Hold],
        'exit-collapse' => ['no control of the rope', 'stop the wrists, let it come round',
            ['double-and-calm-step', 'double-and-stand'], Stage::Mix, Stage::Mix, Stage::Hold],
        'tired' => ['a matter of pacing and load, not of technique', 'shorter sets',
            ['planned-breaks', 'breaks-from-standing'], null, Stage::Link, Stage::Workout],
        'rope-worn' => ['the wrong tool', '',
            ['inspect-the-rope'], null, Stage::Jump, Stage::Workout],
        'rope-size' => ['the wrong tool', '',
            ['stand-on-the-rope'], null, Stage::Jump, Stage::Workout],
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
        [$why, $cue, $drills, $stepBack, $from, $to] = self::ROWS[$code];

        return new Fault($code, $why, $cue, $drills, $stepBack, $from, $to, FaultSigns::of($code));
    }
}
