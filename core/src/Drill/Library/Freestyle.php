<?php

declare(strict_types=1);

namespace Zumbo\Core\Drill\Library;

use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Drill\DrillFamily;
use Zumbo\Core\Drill\DrillWork;
use Zumbo\Core\Drill\Equipment;
use Zumbo\Core\Method\Method;
use Zumbo\Core\Stage\Stage;

/**
 * Crosses, swings, wraps, releases and poses, for those who like them.
 *
 * @phpstan-import-type Row from DrillFamily
 */
final class Freestyle
{
    private const ROWS = [
        'side-swing' => [
            'title' => 'Side swing, left and right',
            'stages' => [Stage::Range],
            'beat' => ['8s:side-swing', 100],
            'count' => [CountKind::Streak, 8, 3],
            'cue' => 'small quick wrists',
            'why' => 'both hands on one side learn to stay together',
            'how' => 'Hands together, swing the rope beside the left, then the right hip, without jumping into it; then '
                .'jump once between the swings.',
            'watch' => 'hands low and close together',
            'mistake' => 'drawing big eights in front of the face',
            'fixes' => ['arm-turning'],
            'easier' => 'side-turns',
            'harder' => 'criss-cross',
        ],
        'criss-cross' => [
            'title' => 'Criss-cross',
            'stages' => [Stage::Range],
            'beat' => ['s s:criss-cross', 96],
            'count' => [CountKind::Tries, 10, 2],
            'cue' => 'make room for yourself',
            'why' => 'low crossed hands must be wide: it teaches where they are',
            'how' => 'One open jump, one with the arms crossed low until each hand is past the other hip; open again.',
            'watch' => 'hands at hip height and well out at the sides',
            'mistake' => 'crossing at the chest, so that the loop is too small',
            'fixes' => ['hands-close'],
            'easier' => 'side-swing',
            'harder' => 'running-crosses',
        ],
        'running-crosses' => [
            'title' => 'Five crosses in a row',
            'stages' => [Stage::Hold],
            'beat' => ['5s:criss-cross', 100],
            'count' => [CountKind::Tries, 6, 2],
            'cue' => 'every jump the same',
            'why' => 'staying crossed is harder than crossing',
            'how' => 'Cross, stay crossed for five jumps, open. Wrists do all of it.',
            'watch' => 'elbows that do not move',
            'mistake' => 'hands creeping up and in',
            'fixes' => ['hands-high'],
            'easier' => 'criss-cross',
            'harder' => 'crossed-double',
        ],
        'crossed-double' => [
            'title' => 'A double with the second turn crossed',
            'stages' => [Stage::Workout, Stage::Hold],
            'methods' => [Method::Pattern, Method::SameJump, Method::StandingStart],
            'beat' => ['d r3', 96],
            'count' => [CountKind::Tries, 10, 2],
            'cue' => 'slow, then snap',
            'why' => 'it needs a double that comes by itself',
            'how' => 'A high, calm double; between its two turns cross the hands low and land crossed. Open with the next turn.',
            'watch' => 'crossing after the first pass, not before',
            'mistake' => 'crossing high, because there seems to be no time',
            'fixes' => ['frantic-spin'],
            'easier' => 'running-crosses',
            'caution' => 'Rope on bare shins hurts: cover them, and keep thin wire for later.',
        ],
        'arm-wrap' => [
            'title' => 'Wrap and unwrap round the forearm',
            'stages' => [Stage::Range],
            'work' => DrillWork::Rope,
            'beat' => ['4s', 80],
            'count' => [CountKind::Tries, 6, 2],
            'cue' => 'relax, shake out',
            'why' => 'a pause that looks like a move',
            'how' => 'A side swing that winds round the held-out forearm once, and unwinds with the swing back.',
            'watch' => 'the arm stays still while the rope winds',
            'mistake' => 'swinging at the height of the head',
            'fixes' => ['tension'],
            'easier' => 'side-swing',
            'harder' => 'handle-release',
        ],
        'handle-release' => [
            'title' => 'Release one handle and catch it again',
            'stages' => [Stage::Hold],
            'work' => DrillWork::Rope,
            'beat' => ['4s', 70],
            'count' => [CountKind::Tries, 6, 2],
            'cue' => 'eyes on one point',
            'why' => 'whoever catches a handle knows where it is',
            'how' => 'In a slow side swing let go of one handle as it comes up in front, and take it out of the air on the next beat.',
            'watch' => 'the free handle rises no higher than the shoulder',
            'mistake' => 'pulling the rope towards the face',
            'fixes' => ['looking-around'],
            'easier' => 'arm-wrap',
            'caution' => 'A handle that flies hits whoever is near: three steps of room, nobody in front.',
        ],
        'poses' => [
            'title' => 'Opening and closing pose',
            'stages' => [Stage::Range],
            'work' => DrillWork::Still,
            'beat' => ['r10', 60],
            'count' => [CountKind::Tries, 4, 1],
            'cue' => 'tall and easy',
            'why' => 'a routine that begins and ends on purpose is half as hard to watch',
            'how' => 'Choose one way to stand before the first turn and one after the last: rope under the foot, over the '
                .'shoulder, caught behind. Hold each for three beats.',
            'watch' => 'still for all three beats',
            'mistake' => 'walking off with the last jump',
            'needs' => [Equipment::Rope],
            'fixes' => ['trunk'],
            'loads' => [],
        ],
        'five-moves' => [
            'title' => 'Five moves in thirty seconds',
            'stages' => [Stage::Range, Stage::Hold],
            'beat' => ['8s:boxer-step 8s:side-straddle 8s:skier 8s:criss-cross 8s:backward', 110],
            'count' => [CountKind::Hold, 30, 2],
            'cue' => 'breathe, keep the beat',
            'why' => 'changes without a stop are what a routine is made of',
            'how' => 'Five moves that you have, eight beats each, an opening and a closing pose. Write the order on the floor.',
            'watch' => 'the change itself: no bounce between two moves',
            'mistake' => 'choosing moves that are not safe yet',
            'fixes' => ['rushing'],
            'easier' => 'poses',
        ],
    ];

    /**
     * @return array<string, Row> by code
     */
    public static function rows(): array
    {
        return self::ROWS;
    }
}
