<?php

declare(strict_types=1);

namespace Zumbo\Core\Drill\Library;

use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Drill\DrillFamily;
use Zumbo\Core\Method\Method;
use Zumbo\Core\Stage\Stage;

/**
 * Doubles among singles.
 *
 * @phpstan-import-type Row from DrillFamily
 */
final class Mixes
{
    private const ROWS = [
        'three-and-one' => [
            'title' => 'Three singles, one double, back into singles',
            'stages' => [Stage::Mix],
            'main' => true,
            'beat' => ['3s d', 104],
            'count' => [CountKind::Hold, 30, 3],
            'cue' => 'land ready',
            'why' => 'the return decides: who spends everything on the one double can\'t go on',
            'how' => 'Half a minute at one beat. Let the double be as small as it may be; the singles after it are what is practised.',
            'watch' => 'the beat does not change through the double',
            'mistake' => 'saving up for the double',
            'fixes' => ['exit-collapse', 'all-for-one'],
            'easier' => 'five-and-one',
            'harder' => 'two-and-one',
        ],
        'five-and-one' => [
            'title' => 'Five singles, one double',
            'stages' => [Stage::Mix],
            'main' => true,
            'beat' => ['5s d', 104],
            'count' => [CountKind::Hold, 45, 3],
            'cue' => 'land ready',
            'why' => 'more singles give time to find the beat again',
            'how' => 'For three quarters of a minute. After a miss go on at once: it is the time that counts, not the run.',
            'watch' => 'the first single after the double comes at its beat',
            'mistake' => 'a pause after each double',
            'fixes' => ['exit-collapse', 'rushing'],
            'easier' => 'double-and-calm-step',
            'harder' => 'three-and-one',
        ],
        'two-and-one' => [
            'title' => 'Two singles, one double',
            'stages' => [Stage::Mix],
            'main' => true,
            'beat' => ['2s d', 104],
            'count' => [CountKind::Hold, 30, 3],
            'cue' => 'hands at your pockets',
            'why' => 'fewer singles leave less room to mend the hands',
            'how' => 'Half a minute of two and one. If it breaks up, three and one for the rest of the time.',
            'watch' => 'hands as low in the last round as in the first',
            'mistake' => 'hands that climb from double to double',
            'fixes' => ['hands-high'],
            'easier' => 'three-and-one',
            'harder' => 'one-and-one',
        ],
        'one-and-one' => [
            'title' => 'One single, one double, by turns',
            'stages' => [Stage::Mix],
            'beat' => ['s d', 104],
            'count' => [CountKind::Hold, 20, 3],
            'cue' => 'land ready',
            'why' => 'half of the jumps are doubles, and no two of them are linked yet',
            'how' => 'Twenty seconds by turns. It sounds like a gallop when it is right.',
            'watch' => 'singles that stay low between the doubles',
            'mistake' => 'singles getting taller each time',
            'fixes' => ['uneven-jumps'],
            'easier' => 'two-and-one',
            'harder' => 'three-and-two',
        ],
        'three-and-two' => [
            'title' => 'Three singles, two doubles',
            'stages' => [Stage::Mix, Stage::Link],
            'beat' => ['3s 2d', 104],
            'count' => [CountKind::Hold, 30, 3],
            'cue' => 'land ready',
            'why' => 'the second double is the first one that is linked',
            'how' => 'Half a minute. The first double prepares the second: land it as if nothing had happened.',
            'watch' => 'both doubles at one height',
            'mistake' => 'the second one out of a squat',
            'fixes' => ['deep-knees', 'heel-kick'],
            'easier' => 'three-and-one',
            'harder' => 'three-and-three',
        ],
        'three-and-three' => [
            'title' => 'Three singles, three doubles',
            'stages' => [Stage::Link],
            'beat' => ['3s 3d', 104],
            'count' => [CountKind::Hold, 30, 3],
            'cue' => 'stop the wrists, let it come round',
            'why' => 'as many of one as of the other: way in and way out weigh the same',
            'how' => 'Half a minute, breathing out with each way back into singles.',
            'watch' => 'a beat that a click could join',
            'mistake' => 'rushing into the next doubles',
            'fixes' => ['exit-collapse', 'rushing'],
            'easier' => 'three-and-two',
            'harder' => 'rungs',
        ],
        'tall-mix' => [
            'title' => 'Five tall singles, one double, over and over',
            'stages' => [Stage::Mix],
            'main' => true,
            'methods' => [Method::SameJump],
            'beat' => ['5S d', 103],
            'count' => [CountKind::Hold, 45, 3],
            'cue' => 'every jump the same',
            'why' => 'the beat is that of the tall single all the way through',
            'how' => 'Three quarters of a minute at about a hundred a minute. Nothing changes in the double but the wrist.',
            'watch' => 'landings as even as a clock',
            'mistake' => 'singles that shrink after the double',
            'fixes' => ['uneven-jumps'],
            'easier' => 'tall-then-double',
            'harder' => 'tall-two-and-one',
        ],
        'tall-two-and-one' => [
            'title' => 'Two tall singles, one double',
            'stages' => [Stage::Mix],
            'main' => true,
            'methods' => [Method::SameJump],
            'beat' => ['2S d', 103],
            'count' => [CountKind::Hold, 30, 3],
            'cue' => 'every jump the same',
            'why' => 'every third jump is a double, and all three look alike',
            'how' => 'Half a minute. Film it from the side and look whether the head makes one line.',
            'watch' => 'the height of the head',
            'mistake' => 'pulling the knees up once it gets dense',
            'fixes' => ['knee-tuck', 'jump-high'],
            'easier' => 'tall-mix',
        ],
        'double-then-singles' => [
            'title' => 'From standing: one double, then three calm singles',
            'stages' => [Stage::Mix],
            'main' => true,
            'methods' => [Method::StandingStart],
            'beat' => ['d 3s r4', 100],
            'count' => [CountKind::Hold, 30, 3],
            'cue' => 'land ready',
            'why' => 'the double comes first, so nothing is spent on a run-in',
            'how' => 'From standing one double, at once three calm singles, stop. As many as fit into half a minute.',
            'watch' => 'the first single is as calm as the third',
            'mistake' => 'standing still for a moment after the double',
            'fixes' => ['exit-collapse', 'all-for-one'],
            'easier' => 'double-and-calm-step',
            'harder' => 'two-doubles-then-singles',
        ],
        'two-doubles-then-singles' => [
            'title' => 'From standing: two doubles, then three calm singles',
            'stages' => [Stage::Mix],
            'main' => true,
            'methods' => [Method::StandingStart],
            'beat' => ['2d 3s r4', 100],
            'count' => [CountKind::Hold, 30, 3],
            'cue' => 'stop the wrists, let it come round',
            'why' => 'two in a row out of nothing are the first link',
            'how' => 'As with one, with a second double straight after the first.',
            'watch' => 'two whistles, then quiet',
            'mistake' => 'adding a third because it went well',
            'fixes' => ['exit-collapse'],
            'easier' => 'double-then-singles',
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
