<?php

declare(strict_types=1);

namespace Zumbo\Core\Drill\Library;

use Zumbo\Core\Body\BodyPart;
use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Drill\DrillFamily;
use Zumbo\Core\Drill\DrillWork;
use Zumbo\Core\Drill\Equipment;
use Zumbo\Core\Method\Method;
use Zumbo\Core\Stage\Stage;

/**
 * What the hands of a double learn before the rope does it.
 *
 * @phpstan-import-type Row from DrillFamily
 */
final class HandsForDoubles
{
    private const ROWS = [
        'one-clap-jumps' => [
            'title' => 'Jump and clap the hips once',
            'stages' => [Stage::Snap],
            'work' => DrillWork::Jump,
            'beat' => ['4S', 100],
            'count' => [CountKind::Tries, 10, 2],
            'cue' => 'hands go as your toes leave',
            'why' => 'one clap shows when the hands begin',
            'how' => 'Jump as for a tall single and clap both hips once while in the air. Hands off the legs before you land.',
            'watch' => 'the clap comes early in the flight, not at its end',
            'mistake' => 'clapping on the way down',
            'needs' => [],
            'fixes' => ['late-spin'],
            'easier' => 'tall-hops',
            'harder' => 'two-clap-jumps',
        ],
        'two-clap-jumps' => [
            'title' => 'Jump and clap the hips twice',
            'stages' => [Stage::Snap],
            'main' => [Method::EvenJump, Method::StandingStart, Method::SameJump],
            'work' => DrillWork::Jump,
            'beat' => ['4S', 100],
            'count' => [CountKind::Hold, 30, 3],
            'cue' => 'hands go as your toes leave',
            'why' => 'two claps in one jump are the double without the rope',
            'how' => 'One jump, two claps, both in the air, hands off the legs on the ground. A coach looks at both: the '
                .'claps and the landing.',
            'watch' => 'the second clap before the feet touch',
            'mistake' => 'the second clap on the landing',
            'needs' => [],
            'fixes' => ['late-spin', 'hands-high', 'all-for-one'],
            'easier' => 'one-clap-jumps',
            'harder' => 'bar-taps',
        ],
        'standing-claps' => [
            'title' => 'Standing: clap the hips twice to one click',
            'stages' => [Stage::Snap],
            'instead' => true,
            'work' => DrillWork::Still,
            'beat' => ['4d', 60],
            'count' => [CountKind::Hold, 30, 3],
            'cue' => 'slow, then snap',
            'why' => 'two quick taps in one beat are the double’s hands',
            'how' => 'Feet on the floor. To each click both hands tap the hips twice, quick and even, then wait for the next.',
            'watch' => 'two taps that can be told apart, and then quiet',
            'mistake' => 'one tap with each hand',
            'fixes' => ['frantic-spin', 'hands-uneven'],
            'loads' => [BodyPart::Wrist, BodyPart::Shoulder],
            'harder' => 'two-clap-jumps',
        ],
        'bar-taps' => [
            'title' => 'Bar taps: tap a bar twice in each jump',
            'stages' => [Stage::Snap],
            'work' => DrillWork::Jump,
            'beat' => ['4S', 95],
            'count' => [CountKind::Tries, 10, 2],
            'cue' => 'long legs',
            'why' => 'a bar above the hands shows the height that two turns need',
            'how' => 'A bar about 15 cm above the hands, held at the sides. In one jump tap it twice with both hands; legs stay long.',
            'watch' => 'two taps, straight legs, soft knees on landing',
            'mistake' => 'pulling the knees up to reach it',
            'needs' => [Equipment::Bar],
            'fixes' => ['knee-tuck', 'hands-high'],
            'caution' => 'The bar must be fixed: it may neither roll nor fall.',
            'easier' => 'two-clap-jumps',
        ],
        'low-high-high' => [
            'title' => 'Hear it: low, high, high',
            'stages' => [Stage::Snap],
            'instead' => true,
            'work' => DrillWork::Still,
            'beat' => ['4d', 100],
            'count' => [CountKind::Hold, 60, 2],
            'cue' => 'hear it first',
            'why' => 'three tones hold the whole double: feet, hand, hand',
            'how' => 'Play the click. Nod to the low tone, tap both thighs to the two high ones; later say your own three '
                .'syllables with it.',
            'watch' => 'taps on the tones, not after them',
            'mistake' => 'tapping on the low tone as well',
            'fixes' => ['late-spin', 'frantic-spin'],
            'loads' => [BodyPart::Wrist],
            'harder' => 'standing-claps',
        ],
        'listen-to-doubles' => [
            'title' => 'Listen to somebody’s good doubles and tap each one in the air',
            'stages' => [Stage::Snap, Stage::Mix, Stage::Link],
            'instead' => true,
            'work' => DrillWork::Still,
            'beat' => ['4d', 100],
            'count' => [CountKind::Hold, 60, 2],
            'cue' => 'hear it first',
            'why' => 'whoever hears an even double will jump one',
            'how' => 'Eyes closed beside somebody who jumps good doubles. Tap each one in the air with a finger, then tell '
                .'how many there were.',
            'watch' => 'the finger keeps going when a double was missed',
            'mistake' => 'watching the feet instead',
            'needs' => [Equipment::Partner],
            'fixes' => ['uneven-jumps'],
            'loads' => [],
        ],
        'watch-the-start' => [
            'title' => 'Watch a partner: say when the hands go and when the toes leave',
            'stages' => [Stage::Snap],
            'instead' => true,
            'work' => DrillWork::Still,
            'beat' => ['4d', 60],
            'count' => [CountKind::Hold, 60, 2],
            'cue' => 'hands go as your toes leave',
            'why' => 'seeing it in others teaches it to oneself',
            'how' => 'Stand at the side of a partner who jumps singles or doubles. Say "hands" when they flick, "toes" '
                .'when they leave; are the two words one?',
            'watch' => 'the order of the two words',
            'mistake' => 'looking at the rope',
            'needs' => [Equipment::Partner],
            'fixes' => ['late-spin'],
            'loads' => [],
        ],
        'seated-beat' => [
            'title' => 'Seated: tap the beat with both hands on the thighs',
            'stages' => [Stage::Jump, Stage::Join, Stage::Singles],
            'instead' => true,
            'work' => DrillWork::Still,
            'beat' => ['8s', 100],
            'count' => [CountKind::Hold, 60, 2],
            'cue' => 'every beat the same',
            'why' => 'the beat is learned by hand as well',
            'how' => 'Sit tall on a box, feet flat. Tap the thighs to the click; let it fall silent for ten seconds and '
                .'see whether you still meet it.',
            'watch' => 'taps that neither hurry nor wait',
            'mistake' => 'nodding instead of tapping',
            'fixes' => ['rushing'],
            'loads' => [BodyPart::Wrist],
        ],
        'count-the-beat' => [
            'title' => 'Listen to the click and count one to four, breathing through the nose',
            'stages' => [Stage::Jump, Stage::Join, Stage::Singles],
            'instead' => true,
            'work' => DrillWork::Still,
            'beat' => ['4s', 100],
            'count' => [CountKind::Hold, 60, 2],
            'cue' => 'breathe, keep the beat',
            'why' => 'a beat that is in the ear is soon in the feet',
            'how' => 'Stand or sit, eyes closed, and count the clicks in fours. One breath to two fours.',
            'watch' => 'the count stays with the click when the breath is long',
            'mistake' => 'counting faster than it clicks',
            'fixes' => ['rushing', 'tension'],
            'loads' => [],
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
