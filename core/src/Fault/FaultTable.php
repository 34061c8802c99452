<?php

declare(strict_types=1);

namespace Zumbo\Core\Fault;

use Zumbo\Core\Stage\Stage;

/**
 * All faults with their signs, cues, drill and step back. Common practice, no published source; what counts as usual is
 * our assumption.
 */
final class FaultTable
{
    public const OF_THE_LOAD = 'tired';

    /**
     * code → [why it matters, cues, the first one first, drills, step back, usual from, usual to]; of the drills the first
     * counts that is taught by the ways in force; the signs stand in FaultSigns.
     */
    private const ROWS = [
        'hands-wide' => ['every cm outward shortens the arc',
            ['elbows on your ribs', 'thumbs along your trouser seams', 'show me no light under your arms'],
            ['elbow-hold', 'band-singles'], Stage::Singles, Stage::Join, Stage::Hold],
        'arm-turning' => ['a slow rope and a moving arc',
            ['small quick wrists', 'draw a coin with each wrist', 'upper arms asleep'],
            ['side-turns', 'handle-spin'], Stage::Turn, Stage::Turn, Stage::Mix],
        'hands-high' => ['the arc leaves the floor',
            ['hands at your pockets', 'low and quiet hands', 'keep the handles below your belt'],
            ['two-clap-jumps'], Stage::Snap, Stage::Snap, Stage::Hold],
        'hands-uneven' => ['a twisted arc',
            ['both hands at one height', 'two hands, one line', 'match the strong hand to the weak one'],
            ['weak-hand', 'mirror-hands'], Stage::Turn, Stage::Turn, Stage::Hold],
        'thumbs-forward' => ['the rope twists at speed',
            ['thumbnails to the walls, flick down', 'turn beside you, not in front', 'knuckles to the floor'],
            ['side-turns'], Stage::Turn, Stage::Turn, Stage::Mix],
        'jump-high' => ['tires, breaks the beat, shin pain',
            ['just clear the floor', 'a sheet of paper, no more', 'head stays under the bar'],
            ['line-hops-side', 'quick-low'], Stage::Jump, Stage::Jump, Stage::Link],
        'double-bounce' => ['it can\'t be made faster',
            ['one jump, one turn', 'let the rope fetch you each time', 'no hop in between'],
            ['swing-and-stop'], Stage::Join, Stage::Join, Stage::Singles],
        'bottom-pause' => ['kills the rebound',
            ['bounce, don\'t land', 'the floor is hot', 'up as soon as you are down'],
            ['line-hops-forward'], Stage::Jump, Stage::Jump, Stage::Range],
        'flat-feet' => ['no spring',
            ['point the feet', 'heels never touch', 'land on the balls of your feet'],
            ['calf-bounces'], Stage::Jump, Stage::Jump, Stage::Range],
        'pike' => ['the rope can\'t pass, the middle burns out',
            ['stand tall, toes under you', 'hips over heels', 'long from crown to toes'],
            ['tall-singles'], Stage::Range, Stage::Snap, Stage::Hold],
        'heel-kick' => ['lands low, the next jump is harder',
            ['point the toes', 'feet stay under you', 'heels stay low'],
            ['tall-singles', 'hollow-hold'], Stage::Range, Stage::Snap, Stage::Hold],
        'knee-tuck' => ['can\'t be kept up, uneven beat',
            ['long legs', 'straight like a pencil', 'thighs still'],
            ['bar-taps'], Stage::Range, Stage::Snap, Stage::Hold],
        'deep-knees' => ['slow, costs much',
            ['quiet and springy', 'short and light', 'spring from the ankles'],
            ['quick-low'], Stage::Range, Stage::Jump, Stage::Hold],
        'feet-wide' => ['the arc is narrow at its ends',
            ['zip your feet', 'both feet like one', 'feet on one tile'],
            ['line-hops-side'], Stage::Jump, Stage::Join, Stage::Link],
        'late-spin' => ['no time for two turns',
            ['hands go as your toes leave', 'turn first, then fly', 'snap while you rise'],
            ['two-clap-jumps', 'standing-double'], Stage::Snap, Stage::Snap, Stage::Link],
        'frantic-spin' => ['the timing is lost',
            ['slow, then snap', 'wait for the air', 'single speed until you are off'],
            ['slow-rope', 'one-double-stop'], Stage::Snap, Stage::Snap, Stage::Link],
        'slow-spin' => ['the wrists must be quicker',
            ['make it whistle', 'crack it like a towel', 'wrists like a whip'],
            ['double-whip', 'whip-from-rest'], Stage::Snap, Stage::Snap, Stage::Link],
        'uneven-jumps' => ['the beat is lost',
            ['every jump the same', 'the double jumps like a single', 'one beat for all'],
            ['twenty-tall'], Stage::Range, Stage::Range, Stage::Link],
        'rushing' => ['ends in a trip',
            ['breathe, keep the beat', 'count aloud', 'slower than you want'],
            ['click-singles', 'silent-singles'], Stage::Singles, Stage::Singles, Stage::Workout],
        'tension' => ['slow wrists',
            ['relax, shake out', 'hold the handles like a bird', 'breathe out on the double'],
            ['breathing-singles'], Stage::Singles, Stage::Snap, Stage::Workout],
        'drifting' => ['arc and body part',
            ['stay on your spot', 'both feet on the cross', 'land where you left'],
            ['mat-singles'], Stage::Singles, Stage::Singles, Stage::Hold],
        'looking-around' => ['the head moves the hands',
            ['eyes on one point', 'nose to the mark', 'chin level'],
            ['eyes-on-a-mark'], Stage::Singles, Stage::Singles, Stage::Workout],
        'loose-middle' => ['everything moves',
            ['brace', 'zip up your belly', 'ribs down, hips still'],
            ['hollow-hold', 'tall-hops'], Stage::Jump, Stage::Range, Stage::Hold],
        'hands-close' => ['no room for the body in the arc',
            ['make room for yourself', 'hands outside your pockets', 'a hand’s width from the hips'],
            ['mirror-hands', 'backward-turns'], Stage::Singles, Stage::Join, Stage::Range],
        'all-for-one' => ['can\'t go on after it',
            ['land ready', 'the double is only one of many', 'save some for the next'],
            ['double-and-calm-step', 'double-and-stand'], Stage::Mix, Stage::Snap, Stage::Mix],
        'trunk' => ['the hands follow the trunk',
            ['tall and easy', 'hang from a thread', 'chest proud, shoulders soft'],
            ['wall-singles'], Stage::Jump, Stage::Join, Stage::Hold],
        'late-feet' => ['the rope meets rising feet',
            ['long legs, land under you', 'legs wait for the floor', 'quiet legs, quick hands'],
            ['tall-singles'], Stage::Range, Stage::Snap, Stage::Hold],
        'exit-collapse' => ['no control of the rope',
            ['stop the wrists, let it come round', 'slow the wrists on the way down', 'next one is a single'],
            ['double-and-calm-step', 'double-and-stand'], Stage::Mix, Stage::Mix, Stage::Hold],
        'tired' => ['a matter of pacing and load, not of technique',
            ['shorter sets', 'stop while it is clean', 'breathe before it breaks'],
            ['planned-breaks', 'breaks-from-standing'], null, Stage::Link, Stage::Workout],
        'rope-worn' => ['the wrong tool',
            [],
            ['inspect-the-rope'], null, Stage::Jump, Stage::Workout],
        'rope-long' => ['it lags and lands far in front',
            [],
            ['stand-on-the-rope'], null, Stage::Jump, Stage::Workout],
        'rope-short' => ['there is no room above and below',
            [],
            ['stand-on-the-rope'], null, Stage::Jump, Stage::Workout],
        'rope-light' => ['without feel the arms take over',
            [],
            ['stand-on-the-rope'], null, Stage::Jump, Stage::Workout],
        'rope-heavy' => ['tires, and hinders doubles',
            [],
            ['stand-on-the-rope'], null, Stage::Jump, Stage::Workout],
    ];

    /** @var non-empty-list<Fault>|null made once */
    private static ?array $all = null;

    /**
     * @return non-empty-list<Fault>
     */
    public static function all(): array
    {
        return self::$all ??= array_map(static fn (string $code): Fault => self::row($code), array_keys(self::ROWS));
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
        [$why, $cues, $drills, $stepBack, $from, $to] = self::ROWS[$code];

        return new Fault($code, $why, $cues, $drills, $stepBack, $from, $to, FaultSigns::of($code));
    }
}
