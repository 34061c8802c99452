<?php

declare(strict_types=1);

namespace Zumbo\Core\Drill\Library;

use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Drill\DrillFamily;
use Zumbo\Core\Method\Sound;
use Zumbo\Core\Stage\Stage;

/**
 * Changes of height and of tempo in the single.
 *
 * @phpstan-import-type Row from DrillFamily
 */
final class TallAndQuick
{
    private const ROWS = [
        'quick-and-tall' => [
            'title' => 'Ten quick, ten tall',
            'stages' => [Stage::Range],
            'main' => true,
            'beat' => ['10q 10S', 110],
            'count' => [CountKind::Streak, 20, 3],
            'cue' => 'every jump the same',
            'why' => 'the tall single is the jump of the double',
            'how' => 'Ten quick and low, ten slower and taller, the same form in both. Then stop, and say which of the two was harder.',
            'watch' => 'the change happens within one jump',
            'mistake' => 'bending the knees to get taller',
            'fixes' => ['uneven-jumps', 'deep-knees'],
            'easier' => 'tall-singles',
            'harder' => 'twenty-tall',
        ],
        'tall-singles' => [
            'title' => 'Five tall singles, landed tall',
            'stages' => [Stage::Range, Stage::Snap],
            'beat' => ['5S', 103],
            'count' => [CountKind::Streak, 5, 4],
            'cue' => 'stand tall, toes under you',
            'why' => 'five are few enough to do each one well',
            'how' => 'Five jumps a hand higher than usual, the rope slower to match. The body stays one line, toes pointed to the floor.',
            'watch' => 'toes under the hips, in the air and on landing',
            'mistake' => 'feet swinging forward, seat back',
            'fixes' => ['pike', 'heel-kick', 'late-feet', 'knee-tuck'],
            'easier' => 'tall-hops',
            'harder' => 'twenty-tall',
        ],
        'twenty-tall' => [
            'title' => 'Twenty tall singles at a steady beat',
            'stages' => [Stage::Range],
            'main' => true,
            'beat' => ['20S', 103],
            'count' => [CountKind::Streak, 20, 3],
            'cue' => 'every jump the same',
            'why' => 'twenty show whether the height can be kept without hurry',
            'how' => 'Twenty to a steady beat of about a hundred a minute. A partner listens: the ticks must be alike.',
            'watch' => 'the gap between landings does not change',
            'mistake' => 'getting lower and faster from the tenth on',
            'fixes' => ['uneven-jumps', 'heel-kick', 'pike'],
            'easier' => 'tall-singles',
            'harder' => 'tempo-steps',
        ],
        'tempo-steps' => [
            'title' => 'Slow, usual, quick: ten each',
            'stages' => [Stage::Range, Stage::Singles],
            'beat' => ['10S 10s 10q', 110],
            'count' => [CountKind::Streak, 30, 2],
            'cue' => 'breathe, keep the beat',
            'why' => 'whoever can change the tempo on purpose does not change it by accident',
            'how' => 'Ten slow, ten at your usual speed, ten quick, without stopping between. Then back down.',
            'watch' => 'three speeds that can be told apart with closed eyes',
            'mistake' => 'a slow that is not slow',
            'fixes' => ['rushing'],
            'easier' => 'quick-and-tall',
        ],
        'quick-low' => [
            'title' => 'Quick low singles, fifteen seconds',
            'stages' => [Stage::Range, Stage::Hold],
            'beat' => ['20q', 130],
            'count' => [CountKind::Hold, 15, 4],
            'cue' => 'quiet and springy',
            'why' => 'there is no time to bend deep when it is quick',
            'how' => 'As low and as quick as it stays quiet, fifteen seconds; then as long a rest.',
            'watch' => 'knees that give and do not squat',
            'mistake' => 'getting loud to get fast',
            'fixes' => ['deep-knees', 'jump-high'],
            'easier' => 'fifty-calm',
        ],
        'slow-rope' => [
            'title' => 'The slowest rope that still comes round',
            'stages' => [Stage::Range, Stage::Snap],
            'beat' => ['10S', 80],
            'count' => [CountKind::Streak, 10, 3],
            'cue' => 'slow, then snap',
            'why' => 'hands that can be slow have something left to add',
            'how' => 'Ten turns as slow as the rope allows without sagging, the jump as late as possible: it is cued by '
                .'the rope in sight in front.',
            'watch' => 'the jump waits for the rope',
            'mistake' => 'jumping to the count instead of to the rope',
            'fixes' => ['frantic-spin', 'rushing'],
            'easier' => 'fifty-calm',
            'harder' => 'standing-double',
        ],
        'click-singles' => [
            'title' => 'Singles to a click',
            'stages' => [Stage::Singles, Stage::Range],
            'sound' => Sound::Beat,
            'beat' => ['20s', 105],
            'count' => [CountKind::Hold, 45, 3],
            'cue' => 'breathe, keep the beat',
            'why' => 'the click does not hurry when the legs want to',
            'how' => 'Land on the click for three quarters of a minute. Then turn it off for ten jumps and on again: still together?',
            'watch' => 'landings that fall on it, not before it',
            'mistake' => 'jumping ahead and waiting for it',
            'fixes' => ['rushing', 'uneven-jumps'],
            'easier' => 'fifty-calm',
        ],
        'silent-singles' => [
            'title' => 'Singles that nobody hears but the rope',
            'stages' => [Stage::Singles, Stage::Range],
            'beat' => ['20s', 105],
            'count' => [CountKind::Streak, 20, 3],
            'cue' => 'hear the rope',
            'why' => 'without music one hears the tick and knows where the rope is',
            'how' => 'No music, no talk. Listen for the tick of the rope, and land so softly that it is the only sound.',
            'watch' => 'one tick and hardly a landing',
            'mistake' => 'stamping to find the beat',
            'fixes' => ['flat-feet', 'looking-around', 'rushing'],
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
