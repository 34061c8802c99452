<?php

declare(strict_types=1);

namespace Zumbo\Core\Drill\Library;

use Zumbo\Core\Body\BodyPart;
use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Drill\DrillFamily;
use Zumbo\Core\Drill\DrillWork;
use Zumbo\Core\Drill\Equipment;
use Zumbo\Core\Stage\Stage;

/**
 * What is done when landings are off, and what holds the middle.
 *
 * @phpstan-import-type Row from DrillFamily
 */
final class LowImpact
{
    private const ROWS = [
        'toe-taps' => [
            'title' => 'Quick alternating toe taps on a low step',
            'stages' => [Stage::Jump, Stage::Singles],
            'instead' => true,
            'work' => DrillWork::Still,
            'beat' => ['8s', 110],
            'count' => [CountKind::Hold, 30, 3],
            'cue' => 'light and quick',
            'why' => 'quick feet without a landing from above',
            'how' => 'A low step that does not slip. Tap it with the balls of the feet by turns, one foot always on the floor.',
            'watch' => 'taps that are hardly heard',
            'mistake' => 'jumping from foot to foot: one foot stays down',
            'needs' => [Equipment::Step],
            'fixes' => ['flat-feet'],
            'loads' => [BodyPart::Foot, BodyPart::Ankle, BodyPart::Achilles, BodyPart::Shin, BodyPart::Calf, BodyPart::Knee],
        ],
        'turn-without-jump' => [
            'title' => 'The turn without the jump: rope at the side, heels lift',
            'stages' => [Stage::Turn, Stage::Singles],
            'instead' => true,
            'work' => DrillWork::Rope,
            'beat' => ['8s', 100],
            'count' => [CountKind::Hold, 45, 2],
            'cue' => 'one jump, one turn',
            'why' => 'hands and heels keep the beat together while the landings are left out',
            'how' => 'Both handles in one hand, the rope turning at the side; lift the heels with each turn and lower them '
                .'softly. Toes stay on the floor.',
            'watch' => 'heels and rope at one time',
            'mistake' => 'letting the heels become a hop',
            'needs' => [Equipment::Rope],
            'fixes' => ['double-bounce'],
            'loads' => [BodyPart::Foot, BodyPart::Ankle, BodyPart::Achilles, BodyPart::Calf, BodyPart::Wrist],
        ],
        'hollow-hold' => [
            'title' => 'Hollow hold on the back',
            'stages' => [Stage::Jump, Stage::Range, Stage::Link],
            'instead' => true,
            'work' => DrillWork::Still,
            'beat' => ['r20', 60],
            'count' => [CountKind::Hold, 20, 3],
            'cue' => 'brace',
            'why' => 'a quiet middle keeps the hands quiet',
            'how' => 'On the back, the small of it pressed to the floor, legs and shoulders a hand off it. Bend the knees '
                .'when the back lifts.',
            'watch' => 'no light under the small of the back',
            'mistake' => 'holding on with an arched back',
            'needs' => [Equipment::Mat],
            'fixes' => ['loose-middle', 'heel-kick'],
            'loads' => [BodyPart::Back, BodyPart::Hip],
        ],
        'balance-stand' => [
            'title' => 'Stand on one foot, eyes on the wall',
            'stages' => [Stage::Jump, Stage::Singles],
            'work' => DrillWork::Still,
            'beat' => ['r30', 60],
            'count' => [CountKind::Hold, 30, 2],
            'cue' => 'eyes on one point',
            'why' => 'an ankle that is steady standing is steadier landing',
            'how' => 'Half a minute on each foot beside something to hold. When that is easy, turn the head slowly left and right.',
            'watch' => 'toes that do not grip',
            'mistake' => 'locking the knee',
            'needs' => [Equipment::Wall],
            'fixes' => ['looking-around', 'drifting'],
            'loads' => [BodyPart::Foot, BodyPart::Ankle, BodyPart::Knee],
        ],
        'inspect-the-rope' => [
            'title' => 'Look the rope over, mend it and hang it straight',
            'stages' => [Stage::Turn],
            'work' => DrillWork::Still,
            'beat' => ['r60', 60],
            'count' => [CountKind::Tries, 1, 1],
            'cue' => 'inspect and mend first',
            'why' => 'the rope comes before the athlete: a kink or a sticking bearing looks like bad hands',
            'how' => 'Run the cable through the fingers, spin each handle, hold both ends level and see whether the sides '
                .'are equally long. Hang it up straight.',
            'watch' => 'kinks, worn coating, a handle that sticks, one side longer',
            'mistake' => 'wrapping it round the handles after class',
            'needs' => [Equipment::Rope],
            'fixes' => ['rope-worn'],
            'loads' => [],
        ],
        'stand-on-the-rope' => [
            'title' => 'Stand on the rope and size it anew',
            'stages' => [Stage::Turn, Stage::Singles],
            'work' => DrillWork::Still,
            'beat' => ['r30', 60],
            'count' => [CountKind::Tries, 1, 1],
            'cue' => 're-size first',
            'why' => 'a rope of the wrong length teaches the wrong hands',
            'how' => 'Stand on the middle as your gym does, pull both handles up straight, and read where they come to. '
                .'Compare with what the rope page says.',
            'watch' => 'the same stance each time: one foot or both',
            'mistake' => 'reading it with bent knees',
            'needs' => [Equipment::Rope],
            'fixes' => ['rope-long', 'rope-short', 'rope-light', 'rope-heavy'],
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
