<?php

declare(strict_types=1);

namespace Zumbo\Core\Drill\Library;

use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Drill\DrillFamily;
use Zumbo\Core\Stage\Stage;

/**
 * Footwork in singles, at the stage of changing tempo.
 *
 * @phpstan-import-type Row from DrillFamily
 */
final class Footwork
{
    private const ROWS = [
        'boxer-step' => [
            'title' => 'Boxer step',
            'stages' => [Stage::Range],
            'beat' => ['16s:boxer-step', 120],
            'count' => [CountKind::Streak, 16, 3],
            'cue' => 'quiet and springy',
            'why' => 'weight that shifts from foot to foot rests each calf for a moment',
            'how' => 'Shift the weight from one foot to the other with each jump; both feet stay near the floor, one light, one loaded.',
            'watch' => 'shoulders that sway a little and stay level',
            'mistake' => 'turning it into running',
            'fixes' => ['tension'],
            'easier' => 'fifty-calm',
            'harder' => 'alternate-foot',
        ],
        'alternate-foot' => [
            'title' => 'Alternate feet',
            'stages' => [Stage::Range],
            'beat' => ['16s:alternate-foot', 120],
            'count' => [CountKind::Streak, 16, 3],
            'cue' => 'just clear the floor',
            'why' => 'one foot at a time shows which one is louder',
            'how' => 'Jump from one foot to the other, as if walking on the spot, one turn to each foot.',
            'watch' => 'the same height left and right',
            'mistake' => 'kicking the heels back into the rope',
            'fixes' => ['heel-kick'],
            'easier' => 'boxer-step',
            'harder' => 'running-on-the-spot',
        ],
        'side-straddle' => [
            'title' => 'Feet apart, feet together',
            'stages' => [Stage::Range],
            'beat' => ['16s:side-straddle', 110],
            'count' => [CountKind::Streak, 16, 3],
            'cue' => 'every jump the same',
            'why' => 'opening and closing on the beat trains the beat, not the feet',
            'how' => 'One jump with feet as wide as the hips, one with feet together, by turns.',
            'watch' => 'the rope does not slow down while the feet open',
            'mistake' => 'opening too wide: the arc is narrow at its ends',
            'fixes' => ['feet-wide'],
            'easier' => 'fifty-calm',
            'harder' => 'forward-straddle',
        ],
        'forward-straddle' => [
            'title' => 'One foot forward, the other back',
            'stages' => [Stage::Range],
            'beat' => ['16s:forward-straddle', 110],
            'count' => [CountKind::Streak, 16, 3],
            'cue' => 'tall and easy',
            'why' => 'the hips must stay square while the feet change',
            'how' => 'Land with one foot half a step in front, change with each jump.',
            'watch' => 'hips that face the front',
            'mistake' => 'leaning over the front foot',
            'fixes' => ['trunk'],
            'easier' => 'side-straddle',
        ],
        'skier' => [
            'title' => 'Side to side, feet together',
            'stages' => [Stage::Range],
            'beat' => ['16s:skier', 110],
            'count' => [CountKind::Streak, 16, 3],
            'cue' => 'zip your feet',
            'why' => 'it is the line hop with a rope',
            'how' => 'Both feet together, a foot to the left, a foot to the right, the trunk quiet above them.',
            'watch' => 'hands stay in the middle while the feet travel',
            'mistake' => 'hands that swing along',
            'fixes' => ['feet-wide', 'hands-uneven'],
            'easier' => 'line-hops-side',
            'harder' => 'bell',
        ],
        'bell' => [
            'title' => 'Forward and back, feet together',
            'stages' => [Stage::Range],
            'beat' => ['16s:bell', 110],
            'count' => [CountKind::Streak, 16, 3],
            'cue' => 'land ready',
            'why' => 'forward and back under a rope leaves no room for a late landing',
            'how' => 'Both feet together, a foot forward, a foot back, as a bell swings.',
            'watch' => 'the same distance both ways',
            'mistake' => 'drifting forward over the set',
            'fixes' => ['drifting'],
            'easier' => 'skier',
        ],
        'feet-cross' => [
            'title' => 'Feet crossed and open',
            'stages' => [Stage::Range],
            'beat' => ['16s:feet-cross', 104],
            'count' => [CountKind::Streak, 16, 3],
            'cue' => 'long legs',
            'why' => 'crossing makes one place each foot on purpose',
            'how' => 'Jump and land with crossed feet, jump and land open; change which one is in front.',
            'watch' => 'ankles near each other, knees soft',
            'mistake' => 'stepping on the own toes: smaller',
            'fixes' => ['feet-wide'],
            'easier' => 'side-straddle',
        ],
        'kick-outs' => [
            'title' => 'Small kicks to the front',
            'stages' => [Stage::Range],
            'beat' => ['16s:kick-outs', 110],
            'count' => [CountKind::Streak, 16, 3],
            'cue' => 'tall and easy',
            'why' => 'a free leg shows whether the middle holds',
            'how' => 'One foot lands, the other kicks low to the front; change with each jump.',
            'watch' => 'the trunk does not lean back',
            'mistake' => 'kicking so high that the rope catches the foot',
            'fixes' => ['loose-middle'],
            'easier' => 'alternate-foot',
        ],
        'running-on-the-spot' => [
            'title' => 'Running on the spot',
            'stages' => [Stage::Range],
            'beat' => ['20s:running', 140],
            'count' => [CountKind::Streak, 20, 3],
            'cue' => 'breathe, keep the beat',
            'why' => 'fast feet with calm hands is what a tired double needs',
            'how' => 'Run on the spot, one turn to each step, knees low.',
            'watch' => 'hands as small as in slow singles',
            'mistake' => 'hands that get wider with the speed',
            'fixes' => ['hands-wide'],
            'easier' => 'alternate-foot',
            'harder' => 'high-knees',
        ],
        'high-knees' => [
            'title' => 'High knees',
            'stages' => [Stage::Range],
            'beat' => ['20s:high-knees', 130],
            'count' => [CountKind::Streak, 20, 3],
            'cue' => 'brace',
            'why' => 'lifted knees load the middle and the hip',
            'how' => 'As running, with knees to the height of the hips. Fifteen seconds are plenty.',
            'watch' => 'a tall chest',
            'mistake' => 'leaning back to get the knees up',
            'fixes' => ['loose-middle'],
            'easier' => 'running-on-the-spot',
            'caution' => 'Leave it out with sore knees or hips.',
        ],
        'backward-turns' => [
            'title' => 'Rope backward',
            'stages' => [Stage::Range],
            'beat' => ['16s:backward', 100],
            'count' => [CountKind::Streak, 16, 3],
            'cue' => 'make room for yourself',
            'why' => 'the rope from behind makes the hands honest: they cannot throw it',
            'how' => 'Turn the rope backward from the wrists, thumbs leading. Sets of five to begin with.',
            'watch' => 'hands a little in front of the hips',
            'mistake' => 'leaning forward to look for it',
            'fixes' => ['hands-close', 'thumbs-forward'],
            'easier' => 'fifty-calm',
        ],
        'one-foot' => [
            'title' => 'One foot',
            'stages' => [Stage::Range],
            'beat' => ['8s:one-foot 8s:one-foot', 104],
            'count' => [CountKind::Streak, 16, 3],
            'cue' => 'quiet and springy',
            'why' => 'each leg by itself shows what the other one hides',
            'how' => 'Eight on one foot, eight on the other. Stop a side before it gets loud.',
            'watch' => 'the knee stays above the foot',
            'mistake' => 'knee falling inward',
            'fixes' => ['deep-knees', 'flat-feet'],
            'easier' => 'alternate-foot',
            'caution' => 'Twice the load on one calf: few, and not with a sore shin or tendon.',
        ],
        'travelling' => [
            'title' => 'Travelling across the floor',
            'stages' => [Stage::Range],
            'beat' => ['20s:travelling', 120],
            'count' => [CountKind::Streak, 20, 3],
            'cue' => 'eyes on one point',
            'why' => 'moving on purpose teaches what standing still means',
            'how' => 'Forward ten steps, back ten steps, the rope turning all the time. On the spot first, then this.',
            'watch' => 'the rope lands at the same place under the feet',
            'mistake' => 'running away from the rope',
            'fixes' => ['drifting', 'looking-around'],
            'easier' => 'running-on-the-spot',
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
