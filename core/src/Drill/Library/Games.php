<?php

declare(strict_types=1);

namespace Zumbo\Core\Drill\Library;

use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Drill\DrillFamily;
use Zumbo\Core\Drill\Equipment;
use Zumbo\Core\Stage\Stage;

/**
 * Ladders, games and timed sets with singles or doubles.
 *
 * @phpstan-import-type Row from DrillFamily
 */
final class Games
{
    private const ROWS = [
        'foot-pyramid' => [
            'title' => 'Foot pyramid: one to five and back, foot by foot',
            'stages' => [Stage::Singles, Stage::Range],
            'beat' => ['(ns:one-foot r2)n=1..5..1', 100],
            'count' => [CountKind::Streak, 25, 2],
            'cue' => 'quiet and springy',
            'why' => 'small numbers with a change keep the head awake',
            'how' => 'One hop on the left, one on the right, two and two, up to five, and down again.',
            'watch' => 'the change of feet within one turn',
            'mistake' => 'a hop extra to change feet',
            'fixes' => ['double-bounce'],
            'easier' => 'alternate-foot',
            'caution' => 'One-footed contacts load calf and shin: leave it out when either is sore.',
        ],
        'countdown' => [
            'title' => 'Countdown: five, four, three, two, one per foot',
            'stages' => [Stage::Singles, Stage::Range],
            'beat' => ['(ns:one-foot r2)n=5..1', 100],
            'count' => [CountKind::Streak, 15, 2],
            'cue' => 'land ready',
            'why' => 'it gets easier as one gets tired',
            'how' => 'Five hops on the left, five on the right, four and four, down to one. Say the number aloud.',
            'watch' => 'both feet as quiet',
            'mistake' => 'rushing because the end is near',
            'fixes' => ['rushing'],
            'easier' => 'foot-pyramid',
        ],
        'card-deck' => [
            'title' => 'Card deck: the number is the reps, the suit is the way',
            'stages' => [Stage::Range, Stage::Hold],
            'beat' => ['10s', 115],
            'count' => [CountKind::Hold, 300, 1],
            'cue' => 'breathe, keep the beat',
            'why' => 'nobody can save up for a number that is not known yet',
            'how' => 'Four suits, four ways of jumping that you choose before. Turn a card, do its number, turn the next; '
                .'fifteen cards make a short workout.',
            'watch' => 'calm between two cards',
            'mistake' => 'choosing four hard ways',
            'needs' => [Equipment::Rope, Equipment::Cards],
            'fixes' => ['rushing'],
        ],
        'rising-doubles' => [
            'title' => 'Ladder of doubles from one to five, a rest after each rung',
            'stages' => [Stage::Link],
            'beat' => ['(nd r6)n=1..5', 104],
            'count' => [CountKind::Streak, 5, 3],
            'cue' => 'land ready',
            'why' => 'one more each time shows where it begins to break',
            'how' => 'One double, stop; two, stop; up to five. A rung that breaks is done again until it is made, three times at most.',
            'watch' => 'deep breaths between the rungs',
            'mistake' => 'starting a rung out of breath',
            'fixes' => ['tension'],
            'easier' => 'two-from-standing',
            'harder' => 'doubles-pyramid',
        ],
        'doubles-pyramid' => [
            'title' => 'Pyramid of doubles: up to six and down again',
            'stages' => [Stage::Hold, Stage::Link],
            'beat' => ['(nd r6)n=1..6..1', 104],
            'count' => [CountKind::Streak, 6, 2],
            'cue' => 'breathe, keep the beat',
            'why' => 'the way down is done tired, with numbers that are easy',
            'how' => 'Rungs of one to six and back to one, a rest after each that is as long as the rung.',
            'watch' => 'the way down as clean as the way up',
            'mistake' => 'letting form go once the top is behind',
            'fixes' => ['tired'],
            'easier' => 'rising-doubles',
        ],
        'falling-singles' => [
            'title' => 'Falling singles: five before a double, then four, down to one',
            'stages' => [Stage::Mix],
            'beat' => ['(ns d)n=5..1', 104],
            'count' => [CountKind::Streak, 20, 2],
            'cue' => 'land ready',
            'why' => 'each round leaves one single less to get ready in',
            'how' => 'Five singles and a double, four and a double, down to one and a double, without stopping. After a '
                .'miss go on at the same rung.',
            'watch' => 'the last doubles as small as the first',
            'mistake' => 'a hop extra before the double',
            'fixes' => ['all-for-one'],
            'easier' => 'five-and-one',
            'harder' => 'one-and-one',
        ],
        'speed-thirty' => [
            'title' => 'Speed: thirty seconds, completed turns count',
            'stages' => [Stage::Range, Stage::Hold],
            'beat' => ['w30(q)', 150],
            'count' => [CountKind::Hold, 30, 3],
            'cue' => 'small quick wrists',
            'why' => 'speed shows what the wrists can do when nothing else matters',
            'how' => 'Thirty seconds as fast as it stays together, by alternate feet if you like. Restarts are free; '
                .'completed turns count.',
            'watch' => 'small hands, low feet',
            'mistake' => 'sprinting the first five seconds',
            'fixes' => ['slow-spin', 'arm-turning'],
            'easier' => 'running-on-the-spot',
        ],
        'endurance-steps' => [
            'title' => 'Endurance: half a minute, then a little longer each time',
            'stages' => [Stage::Singles, Stage::Hold],
            'beat' => ['w30(s)', 110],
            'count' => [CountKind::Hold, 30, 4],
            'cue' => 'breathe, keep the beat',
            'why' => 'time without a miss grows in small steps',
            'how' => 'Half a minute without a miss, rest as long. When that is easy, ten seconds more; a full minute more '
                .'comes much later.',
            'watch' => 'the beat at the end of each stretch',
            'mistake' => 'adding a minute at once',
            'fixes' => ['rushing', 'tired'],
            'easier' => 'fifty-calm',
        ],
        'twenty-ten' => [
            'title' => 'Twenty seconds on, ten off, eight times',
            'stages' => [Stage::Range, Stage::Hold, Stage::Workout],
            'beat' => ['(w20(s) r10)x8', 115],
            'count' => [CountKind::Hold, 160, 1],
            'cue' => 'relax, shake out',
            'why' => 'short rests teach to let go quickly',
            'how' => 'Eight rounds. Jump at a speed that you can keep for all of them; drop the shoulders in every rest.',
            'watch' => 'the eighth round has as many as the second',
            'mistake' => 'spending everything in round one',
            'fixes' => ['tired', 'tension'],
            'easier' => 'one-minute',
        ],
        'hundred-for-time' => [
            'title' => 'A hundred for time',
            'stages' => [Stage::Hold, Stage::Workout],
            'beat' => ['s 20d r4', 108],
            'count' => [CountKind::Streak, 20, 5],
            'cue' => 'shorter sets',
            'why' => 'a number that is known beforehand can be planned',
            'how' => 'A hundred doubles as fast as you can, in sets you chose before you began. Write the sets down, and '
                .'whether you kept them.',
            'watch' => 'breaks that were planned, not suffered',
            'mistake' => 'going until it breaks',
            'fixes' => ['tired'],
            'easier' => 'planned-breaks',
        ],
        'partner-relay' => [
            'title' => 'Partner relay: ten each, by turns',
            'stages' => [Stage::Singles, Stage::Range, Stage::Hold],
            'beat' => ['10s r8', 115],
            'count' => [CountKind::Hold, 180, 1],
            'cue' => 'land ready',
            'why' => 'waiting for one\'s turn and starting at once is a skill of its own',
            'how' => 'Two or three people, ten jumps each, the next one starts when the last rope stops. Three minutes.',
            'watch' => 'starts without a trip',
            'mistake' => 'starting before the other rope is down',
            'needs' => [Equipment::Rope, Equipment::Partner],
            'fixes' => ['tension'],
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
