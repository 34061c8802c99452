<?php

declare(strict_types=1);

namespace Zumbo\Core\Drill\Library;

use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Drill\DrillFamily;
use Zumbo\Core\Method\Method;
use Zumbo\Core\Stage\Stage;

/**
 * The first double, by each method.
 *
 * @phpstan-import-type Row from DrillFamily
 */
final class FirstDoubles
{
    private const ROWS = [
        'one-double-stop' => [
            'title' => 'Three singles, one double, stop',
            'stages' => [Stage::Snap],
            'main' => true,
            'beat' => ['3s d', 100],
            'count' => [CountKind::Tries, 10, 2],
            'cue' => 'slow, then snap',
            'why' => 'hand speed first, height later',
            'how' => 'Three easy singles, one double, and stop with the rope at your feet. It may well be too high at '
                .'first: leave the height alone until the hands are quick.',
            'watch' => 'landing tall, one whistle in the double',
            'mistake' => 'a huge leap with slow hands',
            'fixes' => ['slow-spin', 'frantic-spin', 'late-spin'],
            'easier' => 'double-whip',
            'harder' => 'double-and-calm-step',
        ],
        'standing-double' => [
            'title' => 'Slow rope, one double, stop',
            'stages' => [Stage::Snap],
            'main' => true,
            'methods' => [Method::StandingStart, Method::EvenJump],
            'beat' => ['d r4', 90],
            'count' => [CountKind::Tries, 10, 2],
            'cue' => 'make it whistle',
            'why' => 'with nothing before it and nothing after it, the hands have one thing to do',
            'how' => 'Stand, rope behind you. Swing it slowly; when you see it in front, jump, and let the hands go as '
                .'fast as they can. One double, stop.',
            'watch' => 'one even jump, both turns inside it',
            'mistake' => 'a hop to get going',
            'fixes' => ['late-spin', 'slow-spin', 'all-for-one'],
            'easier' => 'whip-from-rest',
            'harder' => 'two-from-standing',
        ],
        'tall-then-double' => [
            'title' => 'Five tall singles, one double at the same height',
            'stages' => [Stage::Snap],
            'main' => true,
            'methods' => [Method::SameJump],
            'beat' => ['5S d', 103],
            'count' => [CountKind::Tries, 10, 2],
            'cue' => 'every jump the same',
            'why' => 'the jump is there already: only the wrist is added',
            'how' => 'Tall singles until they are effortless, then one jump of the same height in which the wrists go round twice. Stop.',
            'watch' => 'somebody with covered ears could not say which one was the double',
            'mistake' => 'a bigger jump for the double',
            'fixes' => ['uneven-jumps', 'all-for-one'],
            'easier' => 'tall-singles',
            'harder' => 'tall-mix',
        ],
        'even-ones' => [
            'title' => 'Doubles one by one, each jump as high as the last',
            'stages' => [Stage::Snap],
            'main' => true,
            'methods' => [Method::EvenJump],
            'beat' => ['d r4 d r4 d r4', 90],
            'count' => [CountKind::Tries, 9, 2],
            'cue' => 'every jump the same',
            'why' => 'three alike are worth more than one that is high',
            'how' => 'Three single doubles, each from standing, with a breath between. Clean means: landed tall, and as '
                .'high as the one before.',
            'watch' => 'the height on a mark behind the head',
            'mistake' => 'reaching higher after a miss',
            'fixes' => ['uneven-jumps', 'jump-high'],
            'easier' => 'two-clap-jumps',
            'harder' => 'even-rungs',
        ],
        'word-for-the-hands' => [
            'title' => 'One word for the hands in each double',
            'stages' => [Stage::Snap, Stage::Link],
            'methods' => [Method::StandingStart],
            'beat' => ['2d r4', 95],
            'count' => [CountKind::Tries, 10, 2],
            'cue' => 'flick down',
            'why' => 'a word to the hands keeps the feet from taking over',
            'how' => 'From standing, two doubles; say the same short word aloud as the hands go in each. The word is for '
                .'the hands, never for the feet.',
            'watch' => 'the second word as sharp as the first',
            'mistake' => 'saying it on the landing',
            'fixes' => ['late-spin', 'hands-high'],
            'easier' => 'standing-double',
        ],
        'double-and-calm-step' => [
            'title' => 'A double and a calm step',
            'stages' => [Stage::Snap, Stage::Mix],
            'methods' => [Method::Pattern, Method::SameJump, Method::StandingStart],
            'beat' => ['d S r4', 96],
            'count' => [CountKind::Tries, 10, 2],
            'cue' => 'stop the wrists, let it come round',
            'why' => 'one calm turn after it shows whether anything was left',
            'how' => 'One double from standing, then let the rope come round slowly and take it with one tall, calm single. Stop there.',
            'watch' => 'the rope slows down at once after the double',
            'mistake' => 'hands that keep whirling after the landing',
            'fixes' => ['exit-collapse', 'all-for-one'],
            'easier' => 'standing-double',
            'harder' => 'five-and-one',
        ],
        'double-and-stand' => [
            'title' => 'A double, landed and held for two breaths',
            'stages' => [Stage::Snap, Stage::Link],
            'methods' => [Method::EvenJump, Method::StandingStart],
            'beat' => ['d r5', 96],
            'count' => [CountKind::Tries, 10, 2],
            'cue' => 'land ready',
            'why' => 'who can stand after it could have gone on',
            'how' => 'One double, land on both feet and stand for two breaths, rope caught behind the heels.',
            'watch' => 'no step to catch the balance',
            'mistake' => 'landing low, with the seat out',
            'fixes' => ['all-for-one', 'exit-collapse', 'heel-kick'],
            'easier' => 'standing-double',
            'harder' => 'two-from-standing',
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
