<?php

declare(strict_types=1);

namespace Zumbo\Core\Drill\Library;

use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Drill\DrillFamily;
use Zumbo\Core\Drill\Equipment;
use Zumbo\Core\Stage\Stage;

/**
 * The first turns with a jump, and singles until they run by themselves.
 *
 * @phpstan-import-type Row from DrillFamily
 */
final class FirstTurns
{
    private const ROWS = [
        'swing-and-stop' => [
            'title' => 'One turn, one jump, catch',
            'stages' => [Stage::Join],
            'main' => true,
            'beat' => ['s r2', 80],
            'count' => [CountKind::Streak, 5, 3],
            'cue' => 'one jump, one turn',
            'why' => 'a double bounce is easy to learn and hard to unlearn',
            'how' => 'Swing over, jump once, and catch the rope under lifted toes. Stand. Five of those, each from rest.',
            'watch' => 'one landing to each turn, and a stop that is a stop',
            'mistake' => 'a little hop before the rope comes',
            'fixes' => ['double-bounce'],
            'easier' => 'catch-the-rope',
            'harder' => 'build-by-one',
        ],
        'build-by-one' => [
            'title' => 'One turn, then two, then three',
            'stages' => [Stage::Join],
            'main' => true,
            'beat' => ['s r2 2s r2 3s r2', 90],
            'count' => [CountKind::Streak, 6, 3],
            'cue' => 'one jump, one turn',
            'why' => 'each run starts from rest, so no slack builds up',
            'how' => 'One turn and catch; two and catch; three and catch. Add one only when the last three were clean.',
            'watch' => 'the second jump follows at once, as high as the first',
            'mistake' => 'slipping in a bounce to wait for the rope',
            'fixes' => ['double-bounce'],
            'easier' => 'swing-and-stop',
            'harder' => 'ten-in-a-row',
        ],
        'ten-in-a-row' => [
            'title' => 'Ten in a row',
            'stages' => [Stage::Join],
            'main' => true,
            'beat' => ['10s', 100],
            'count' => [CountKind::Streak, 10, 4],
            'cue' => 'bounce, don\'t land',
            'why' => 'ten without a pause are the first rhythm',
            'how' => 'Ten turns at one speed, then stop on purpose, before it falls apart. Rest as long as it took.',
            'watch' => 'the tenth looks like the third',
            'mistake' => 'going on until the trip',
            'fixes' => ['double-bounce', 'bottom-pause'],
            'easier' => 'build-by-one',
            'harder' => 'fifty-calm',
        ],
        'fifty-calm' => [
            'title' => 'Fifty calm singles',
            'stages' => [Stage::Singles],
            'main' => true,
            'beat' => ['50s', 110],
            'count' => [CountKind::Streak, 50, 3],
            'cue' => 'elbows on your ribs',
            'why' => 'narrow hands keep the arc that the rope was cut for',
            'how' => 'Twenty to begin with, then thirty, then fifty, slow enough to speak a sentence meanwhile.',
            'watch' => 'hands that are where they began when the set ends',
            'mistake' => 'hands drifting out as it gets long',
            'fixes' => ['hands-wide', 'hands-close'],
            'easier' => 'ten-in-a-row',
            'harder' => 'one-minute',
        ],
        'one-minute' => [
            'title' => 'One minute without stopping',
            'stages' => [Stage::Singles],
            'main' => true,
            'beat' => ['(10s)x11', 110],
            'count' => [CountKind::Hold, 60, 2],
            'cue' => 'breathe, keep the beat',
            'why' => 'a minute shows whether the beat speeds up',
            'how' => 'A minute at one speed. Count breaths, not jumps; after a miss go on at once.',
            'watch' => 'as many jumps in the last ten seconds as in the first',
            'mistake' => 'racing to get it over',
            'fixes' => ['rushing', 'tension'],
            'easier' => 'fifty-calm',
            'harder' => 'hundred',
        ],
        'hundred' => [
            'title' => 'A hundred singles',
            'stages' => [Stage::Singles],
            'main' => true,
            'beat' => ['100s', 115],
            'count' => [CountKind::Streak, 100, 2],
            'cue' => 'stay on your spot',
            'why' => 'whoever stays on the spot has quiet hands',
            'how' => 'A hundred on one spot, marked with chalk or a coin. Two tries, with two minutes between.',
            'watch' => 'the feet are still on the mark at the end',
            'mistake' => 'creeping forward a little with each jump',
            'fixes' => ['drifting'],
            'easier' => 'one-minute',
            'harder' => 'two-hundred-tall',
        ],
        'two-hundred-tall' => [
            'title' => 'Two hundred in good posture',
            'stages' => [Stage::Singles],
            'beat' => ['100s', 115],
            'count' => [CountKind::Streak, 200, 1],
            'cue' => 'tall and easy',
            'why' => 'posture that lasts two hundred jumps lasts a workout',
            'how' => 'Two hundred once, with somebody who watches from the side and says a word when the chest drops.',
            'watch' => 'ears over shoulders over hips until the end',
            'mistake' => 'looking at the feet once it gets hard',
            'fixes' => ['trunk', 'looking-around'],
            'easier' => 'hundred',
        ],
        'mat-singles' => [
            'title' => 'Singles on a mat, then in a small circle',
            'stages' => [Stage::Singles],
            'beat' => ['20s', 110],
            'count' => [CountKind::Streak, 30, 3],
            'cue' => 'stay on your spot',
            'why' => 'an edge under the foot tells what the eye does not see',
            'how' => 'On a mat that is a little wider than your feet; then in a circle of chalk, two hands across.',
            'watch' => 'landings in the middle, not on the rim',
            'mistake' => 'staring at the edge',
            'needs' => [Equipment::Rope, Equipment::Mat],
            'fixes' => ['drifting'],
            'easier' => 'fifty-calm',
        ],
        'eyes-on-a-mark' => [
            'title' => 'Singles with the eyes on one mark',
            'stages' => [Stage::Singles],
            'beat' => ['20s', 110],
            'count' => [CountKind::Streak, 40, 3],
            'cue' => 'eyes on one point',
            'why' => 'where the head turns the hands follow',
            'how' => 'A mark on the wall at the height of the eyes, three steps away. Jump and read it, all the time.',
            'watch' => 'a chin that stays level',
            'mistake' => 'a glance at the feet after each landing',
            'needs' => [Equipment::Rope, Equipment::Wall],
            'fixes' => ['looking-around', 'drifting'],
            'easier' => 'fifty-calm',
        ],
        'wall-singles' => [
            'title' => 'Slow singles with the back to a wall',
            'stages' => [Stage::Singles, Stage::Range],
            'beat' => ['20s', 96],
            'count' => [CountKind::Streak, 30, 2],
            'cue' => 'tall and easy',
            'why' => 'the wall shows how far the chest has come forward',
            'how' => 'A long step in front of a wall, so that the rope is free. Slow singles; between sets lean the back '
                .'against it and remember how that felt.',
            'watch' => 'shoulders above the hips',
            'mistake' => 'standing so near that the rope meets the wall',
            'needs' => [Equipment::Rope, Equipment::Wall],
            'fixes' => ['trunk', 'pike'],
            'easier' => 'fifty-calm',
        ],
        'band-singles' => [
            'title' => 'Slow singles with a light band round the arms',
            'stages' => [Stage::Singles],
            'beat' => ['20s', 90],
            'count' => [CountKind::Streak, 20, 3],
            'cue' => 'elbows on your ribs',
            'why' => 'the band reminds when nobody else looks',
            'how' => 'The band lies round both upper arms without pulling. Slow singles, twenty at a time, then ten without the band.',
            'watch' => 'the ten without it look the same',
            'mistake' => 'leaving the band on for anything quick',
            'needs' => [Equipment::Rope, Equipment::Band],
            'fixes' => ['hands-wide', 'arm-turning'],
            'caution' => 'Slow singles only: bound arms cannot catch a fall.',
            'easier' => 'elbow-hold',
        ],
        'breathing-singles' => [
            'title' => 'Slow singles, breathing out long',
            'stages' => [Stage::Singles, Stage::Hold],
            'beat' => ['20s', 100],
            'count' => [CountKind::Hold, 45, 3],
            'cue' => 'relax, shake out',
            'why' => 'a long breath out lets the shoulders down',
            'how' => 'In through the nose for four jumps, out through the mouth for six. Shake the arms between sets.',
            'watch' => 'jaw and shoulders, not the feet',
            'mistake' => 'holding the breath as soon as it counts',
            'fixes' => ['tension', 'rushing'],
            'easier' => 'fifty-calm',
        ],
        'four-ways' => [
            'title' => 'Ten jumps and ten hops, forward and backward',
            'stages' => [Stage::Singles],
            'beat' => ['10s 10s:one-foot', 100],
            'count' => [CountKind::Tries, 4, 2],
            'cue' => 'quiet and springy',
            'why' => 'feet that know four ways are not surprised by one',
            'how' => 'Ten jumps on both feet and ten hops on one, the rope turning forward; the same with the rope turning '
                .'backward. Each ten is one try.',
            'watch' => 'the backward tens as quiet as the forward ones',
            'mistake' => 'hurrying the backward ones',
            'fixes' => ['deep-knees'],
            'easier' => 'fifty-calm',
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
