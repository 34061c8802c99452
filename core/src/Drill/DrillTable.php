<?php

declare(strict_types=1);

namespace Zumbo\Core\Drill;

use Zumbo\Core\Rhythm\Pattern;
use Zumbo\Core\Stage\Stage;

/**
 * The drills of the default path, by stage. All common practice, no published source; cadences are our assumption
 * within the usual range of each drill.
 */
final class DrillTable
{
    /** code → [stage, title, pattern, jumps a minute, measure, aim, sets, cue, why] */
    private const ROWS = [
        'hop-in-place' => [Stage::Jump, 'Hop in place, counting one to four', '4s', 120, CountKind::Hold, 30, 3,
            'just clear the floor', 'a low, springy jump carries everything that follows'],
        'catch-the-rope' => [Stage::Turn, 'Swing over and catch under the toes', 's r2', 60, CountKind::Streak, 10, 3,
            'small quick wrists', 'the rope is turned from the wrist before the feet leave the floor'],
        'swing-and-stop' => [Stage::Join, 'One turn, one jump, catch', 's r2', 80, CountKind::Streak, 5, 3,
            'one jump, one turn', 'a double bounce is easy to learn and hard to unlearn'],
        'build-by-one' => [Stage::Join, 'One turn, then two, then three', 's r2 2s r2 3s r2',
            90, CountKind::Streak, 6, 3,
            'one jump, one turn', 'each run starts from rest, so no slack builds up'],
        'ten-in-a-row' => [Stage::Join, 'Ten in a row', '10s', 100, CountKind::Streak, 10, 4,
            'bounce, don\'t land', 'ten without a pause are the first rhythm'],
        'fifty-calm' => [Stage::Singles, 'Fifty calm singles', '50s', 110, CountKind::Streak, 50, 3,
            'elbows on your ribs', 'narrow hands keep the arc that the rope was cut for'],
        'one-minute' => [Stage::Singles, 'One minute without stopping', '(10s)x11', 110, CountKind::Hold, 60, 2,
            'breathe, keep the beat', 'a minute shows whether the beat speeds up'],
        'hundred' => [Stage::Singles, 'A hundred singles', '100s', 115, CountKind::Streak, 100, 2,
            'stay on your spot', 'whoever stays on the spot has quiet hands'],
        'quick-and-tall' => [Stage::Range, 'Ten quick, ten tall', '10q 10S', 110, CountKind::Streak, 20, 3,
            'every jump the same', 'the tall single is the jump of the double'],
        'one-double-stop' => [Stage::Snap, 'Three singles, one double, stop', '3s d', 100, CountKind::Tries, 10, 2,
            'slow, then snap', 'hand speed first, height later'],
        'three-and-one' => [Stage::Mix, 'Three singles, one double, back into singles', '3s d',
            104, CountKind::Hold, 30, 3,
            'land ready', 'the return decides: who spends everything on the one double can\'t go on'],
        'five-and-one' => [Stage::Mix, 'Five singles, one double', '5s d', 104, CountKind::Hold, 45, 3,
            'land ready', 'more singles give time to find the beat again'],
        'two-and-one' => [Stage::Mix, 'Two singles, one double', '2s d', 104, CountKind::Hold, 30, 3,
            'hands at your pockets', 'fewer singles leave less room to mend the hands'],
        'rungs' => [Stage::Link, 'Rungs: two, three, four doubles, calm singles between', '2d 3s 3d 3s 4d 3s',
            104, CountKind::Streak, 9, 3,
            'stop the wrists, let it come round', 'a controlled exit makes the next rung possible'],
        'one-single-start' => [Stage::Link, 'One single, then doubles', 's 10d', 104, CountKind::Streak, 10, 4,
            'small quick wrists', 'one single sets the beat and costs little'],
        'double-and-step' => [Stage::Link, 'Three doubles and a calm single, over and over', '(3d s)x4',
            104, CountKind::Streak, 12, 3,
            'land ready', 'the calm single shows whether the double was landed tall'],
        'big-sets' => [Stage::Hold, 'Big sets of doubles', 's 30d', 106, CountKind::Streak, 30, 3,
            'relax, shake out', 'tension slows the wrists before the legs are tired'],
        'planned-breaks' => [Stage::Workout, 'Twenty, fifteen, fifteen with short breaks', 's 20d r5 s 15d r5 s 15d',
            106, CountKind::Streak, 15, 2,
            'breathe, keep the beat', 'a plan that is kept when tired'],
    ];

    /** What is done in it, where that is not jumping with a rope. */
    private const WORK = ['hop-in-place' => DrillWork::Jump, 'catch-the-rope' => DrillWork::Rope];

    /** @var array<string, Drill> those that were asked for: a drill never changes, and to read its pattern takes a while */
    private static array $read = [];

    /**
     * @return non-empty-list<Drill> in the order they are worked through
     */
    public static function ofStage(Stage $stage): array
    {
        $drills = [];
        foreach (array_keys(self::ROWS) as $code) {
            if (self::ROWS[$code][0] === $stage) {
                $drills[] = self::row($code);
            }
        }

        return [] === $drills ? throw new \LogicException('every stage has a drill') : $drills;
    }

    /**
     * @return list<string>
     */
    public static function codes(): array
    {
        return array_keys(self::ROWS);
    }

    /** @throws UnknownDrill when there is none of that code */
    public static function named(string $code): Drill
    {
        return isset(self::ROWS[$code]) ? self::row($code) : throw UnknownDrill::of($code, array_keys(self::ROWS));
    }

    /**
     * @param key-of<self::ROWS> $code
     */
    private static function row(string $code): Drill
    {
        [$stage, $title, $pattern, $cadence, $countKind, $aim, $sets, $cue, $why] = self::ROWS[$code];

        return self::$read[$code] ??= new Drill(
            $code,
            $stage,
            $title,
            Pattern::parse($pattern),
            $cadence,
            $countKind,
            $aim,
            $sets,
            $cue,
            $why,
            self::WORK[$code] ?? DrillWork::JumpAndRope,
        );
    }
}
