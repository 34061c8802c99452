<?php

declare(strict_types=1);

namespace Zumbo\Core\Drill\Library;

use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Drill\DrillFamily;
use Zumbo\Core\Drill\DrillWork;
use Zumbo\Core\Drill\Equipment;
use Zumbo\Core\Stage\Stage;

/**
 * Feet before the rope: hops and landings.
 *
 * @phpstan-import-type Row from DrillFamily
 */
final class WithoutRope
{
    private const ROWS = [
        'hop-in-place' => [
            'title' => 'Hop in place, counting one to four',
            'stages' => [Stage::Jump],
            'main' => true,
            'work' => DrillWork::Jump,
            'beat' => ['4s', 120],
            'count' => [CountKind::Hold, 30, 3],
            'cue' => 'just clear the floor',
            'why' => 'a low, springy jump carries everything that follows',
            'how' => 'Stand tall, feet together, and hop on the spot without a pause. Count one to four aloud, breathing '
                .'in through the nose and out through the mouth.',
            'watch' => 'two to five centimetres off the floor, heels that never settle, quiet landings',
            'mistake' => 'waiting on the ground between hops',
            'fixes' => ['jump-high', 'bottom-pause'],
            'harder' => 'line-hops-side',
        ],
        'line-hops-side' => [
            'title' => 'Line hops from side to side',
            'stages' => [Stage::Jump],
            'main' => true,
            'work' => DrillWork::Jump,
            'beat' => ['10s', 120],
            'count' => [CountKind::Hold, 30, 3],
            'cue' => 'zip your feet',
            'why' => 'feet that stay together pass the arc together',
            'how' => 'Hop over a line, left and right, both feet at once. Later over a rope lying on the floor, which '
                .'shows how little there is to clear.',
            'watch' => 'both feet land at one time, and the hips stay over the line',
            'mistake' => 'feet coming apart, one landing after the other',
            'needs' => [Equipment::Line],
            'fixes' => ['feet-wide', 'jump-high', 'bottom-pause'],
            'easier' => 'hop-in-place',
            'harder' => 'line-hops-forward',
        ],
        'line-hops-forward' => [
            'title' => 'Line hops forward and back',
            'stages' => [Stage::Jump],
            'work' => DrillWork::Jump,
            'beat' => ['10s', 120],
            'count' => [CountKind::Hold, 30, 2],
            'cue' => 'bounce, don\'t land',
            'why' => 'the rebound is felt best when the floor is left at once',
            'how' => 'Hop over the line to the front and to the back, to a beat. Land on the balls of the feet and leave '
                .'again on the next beat.',
            'watch' => 'as quiet to the front as to the back',
            'mistake' => 'leaning forward and running after the line',
            'needs' => [Equipment::Line],
            'fixes' => ['bottom-pause'],
            'easier' => 'line-hops-side',
            'harder' => 'low-bar-hops',
        ],
        'low-bar-hops' => [
            'title' => 'Hops over a low bar that cannot roll',
            'stages' => [Stage::Jump, Stage::Range],
            'work' => DrillWork::Jump,
            'beat' => ['8s', 100],
            'count' => [CountKind::Hold, 20, 3],
            'cue' => 'long legs',
            'why' => 'something to clear makes the jump as high as it must be, and no higher',
            'how' => 'Lay a bar of a hand\'s height between two blocks that hold it, and hop over it from side to side. '
                .'Come down with knees that give.',
            'watch' => 'the same height each time, feet pointed',
            'mistake' => 'pulling the knees up instead of jumping',
            'needs' => [Equipment::Bar],
            'fixes' => ['knee-tuck', 'uneven-jumps'],
            'easier' => 'line-hops-forward',
            'caution' => 'The bar must not roll: hold it between blocks, or use a line.',
        ],
        'calf-bounces' => [
            'title' => 'Calf bounces with pointed feet',
            'stages' => [Stage::Jump],
            'work' => DrillWork::Jump,
            'beat' => ['10s', 130],
            'count' => [CountKind::Hold, 20, 3],
            'cue' => 'point the feet',
            'why' => 'the spring of the calf costs least of all',
            'how' => 'Knees almost straight, bounce from the ankles only. In the air the toes point to the floor.',
            'watch' => 'no slap: the balls of the feet touch first',
            'mistake' => 'toes drawn up, landing flat',
            'fixes' => ['flat-feet', 'bottom-pause'],
            'harder' => 'hop-in-place',
        ],
        'tall-hops' => [
            'title' => 'Tall hops without a rope',
            'stages' => [Stage::Range, Stage::Snap],
            'work' => DrillWork::Jump,
            'beat' => ['8S', 103],
            'count' => [CountKind::Hold, 20, 3],
            'cue' => 'tall and easy',
            'why' => 'the jump of the double can be learned before the rope has to follow',
            'how' => 'Jump a hand higher than for a single, the body one line from ear to ankle, and land as softly as you '
                .'left. Arms as if holding handles.',
            'watch' => 'chest, hips and ankles above each other in the air',
            'mistake' => 'bending at the hips to feel higher',
            'fixes' => ['pike', 'trunk', 'uneven-jumps', 'loose-middle'],
            'easier' => 'hop-in-place',
            'harder' => 'tall-singles',
        ],
        'turn-and-jump-in-words' => [
            'title' => 'Say it: turn, jump, turn, jump',
            'stages' => [Stage::Join],
            'work' => DrillWork::Jump,
            'beat' => ['8s', 90],
            'count' => [CountKind::Hold, 30, 2],
            'cue' => 'one jump, one turn',
            'why' => 'what can be said in time can be jumped in time',
            'how' => 'Without a rope, hands as if turning one. Say "turn" when the hands flick and "jump" when the toes '
                .'leave, until the two words are one beat.',
            'watch' => 'one hop to each word pair, none between',
            'mistake' => 'a small hop extra while the word is said',
            'fixes' => ['double-bounce'],
            'harder' => 'swing-and-stop',
        ],
        'hold-hollow-then-hop' => [
            'title' => 'Brace, then hop',
            'stages' => [Stage::Jump, Stage::Range],
            'work' => DrillWork::Jump,
            'beat' => ['8s r8', 110],
            'count' => [CountKind::Hold, 30, 2],
            'cue' => 'brace',
            'why' => 'a middle that is firm before the jump stays firm in it',
            'how' => 'Stand, breathe out, and draw the ribs down as if somebody were about to poke you. Keep that and hop '
                .'eight times; shake out, and again.',
            'watch' => 'a belt line that stays level',
            'mistake' => 'holding the breath',
            'fixes' => ['loose-middle', 'trunk'],
            'easier' => 'hop-in-place',
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
