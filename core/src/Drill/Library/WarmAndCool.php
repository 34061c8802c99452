<?php

declare(strict_types=1);

namespace Zumbo\Core\Drill\Library;

use Zumbo\Core\Body\BodyPart;
use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Drill\DrillFamily;
use Zumbo\Core\Drill\DrillWork;
use Zumbo\Core\Method\WarmUp;
use Zumbo\Core\Stage\Stage;

/**
 * Before and after.
 *
 * @phpstan-import-type Row from DrillFamily
 */
final class WarmAndCool
{
    private const ALL = [
        Stage::Jump, Stage::Turn, Stage::Join, Stage::Singles, Stage::Range, Stage::Snap, Stage::Mix, Stage::Link, Stage::Hold,
        Stage::Workout,
    ];

    private const ROWS = [
        'arm-circles' => [
            'title' => 'Arm circles, slow to fast',
            'stages' => self::ALL,
            'work' => DrillWork::Still,
            'beat' => ['r30', 60],
            'count' => [CountKind::Hold, 30, 1],
            'cue' => 'tall and easy',
            'why' => 'shoulders that have moved turn less in the jump',
            'how' => 'Forward and back, slow and large to begin with, quicker and smaller later.',
            'watch' => 'ribs stay down',
            'mistake' => 'arching the back',
            'loads' => [BodyPart::Shoulder],
        ],
        'shoulder-rolls' => [
            'title' => 'Shoulder rolls, ten each way',
            'stages' => self::ALL,
            'work' => DrillWork::Still,
            'beat' => ['r20', 60],
            'count' => [CountKind::Hold, 20, 1],
            'cue' => 'relax, shake out',
            'why' => 'a shoulder that drops now is not up at the ears later',
            'how' => 'Ten forward, ten back, as large as they go without hurry.',
            'watch' => 'neck long',
            'mistake' => 'hurrying',
            'loads' => [BodyPart::Shoulder],
        ],
        'palms-together' => [
            'title' => 'Palms pressed together and apart, ten each',
            'stages' => self::ALL,
            'work' => DrillWork::Still,
            'beat' => ['r20', 60],
            'count' => [CountKind::Hold, 20, 1],
            'cue' => 'small quick wrists',
            'why' => 'it wakes the wrists from both sides',
            'how' => 'Press the palms together in front of the chest, then the backs of the hands, ten times each.',
            'watch' => 'elbows level',
            'mistake' => 'pressing into pain',
            'loads' => [BodyPart::Wrist],
        ],
        'wrist-rocks' => [
            'title' => 'Wrist rocks on the floor',
            'stages' => self::ALL,
            'work' => DrillWork::Still,
            'beat' => ['r20', 60],
            'count' => [CountKind::Hold, 20, 1],
            'cue' => 'relax, shake out',
            'why' => 'a wrist that bends freely turns freely',
            'how' => 'On hands and knees, fingers forward, rock slowly ten times; then with the fingers to the back.',
            'watch' => 'weight you can take away at once',
            'mistake' => 'bouncing',
            'loads' => [BodyPart::Wrist],
        ],
        'heel-walks' => [
            'title' => 'Heel walks, half a minute',
            'stages' => self::ALL,
            'work' => DrillWork::Still,
            'beat' => ['8s', 100],
            'count' => [CountKind::Hold, 30, 1],
            'cue' => 'tall and easy',
            'why' => 'shins that were woken complain less',
            'how' => 'Walk on the heels with the toes drawn up, small steps, for half a minute.',
            'watch' => 'hips that do not fold',
            'mistake' => 'leaning back',
            'loads' => [BodyPart::Shin, BodyPart::Ankle],
        ],
        'calf-and-thigh-stretch' => [
            'title' => 'Stretch calf, toes and front of the thigh',
            'stages' => self::ALL,
            'work' => DrillWork::Still,
            'beat' => ['r60', 60],
            'count' => [CountKind::Hold, 60, 1],
            'cue' => 'breathe, keep the beat',
            'why' => 'short calves land hard',
            'how' => 'Twenty seconds each: heel down with the knee straight, then bent; toes against the wall; heel to the '
                .'seat, held by hand.',
            'watch' => 'even on both sides',
            'mistake' => 'stretching into pain',
            'loads' => [BodyPart::Calf, BodyPart::Achilles, BodyPart::Foot, BodyPart::Shin, BodyPart::Knee],
        ],
        'lunges' => [
            'title' => 'Lunges forward and to the side',
            'stages' => self::ALL,
            'work' => DrillWork::Still,
            'beat' => ['r40', 60],
            'count' => [CountKind::Hold, 40, 1],
            'cue' => 'tall and easy',
            'why' => 'hips and knees go through their range before they bounce',
            'how' => 'Five forward on each leg, five to each side, no hurry.',
            'watch' => 'the knee follows the toes',
            'mistake' => 'dropping onto the knee',
            'loads' => [BodyPart::Knee, BodyPart::Hip],
        ],
        'air-squats' => [
            'title' => 'Air squats, fifteen to twenty',
            'stages' => self::ALL,
            'work' => DrillWork::Still,
            'beat' => ['r40', 60],
            'count' => [CountKind::Hold, 40, 1],
            'cue' => 'quiet and springy',
            'why' => 'warm thighs land softer',
            'how' => 'Feet as wide as the hips, down as far as the heels stay down, up without a snap.',
            'watch' => 'heels on the floor',
            'mistake' => 'knees falling inward',
            'loads' => [BodyPart::Knee, BodyPart::Hip, BodyPart::Back],
        ],
        'jumping-jacks' => [
            'title' => 'Jumping jacks, half a minute',
            'stages' => self::ALL,
            'work' => DrillWork::Jump,
            'beat' => ['8s', 110],
            'count' => [CountKind::Hold, 30, 1],
            'cue' => 'bounce, don\'t land',
            'why' => 'the first landings of the day are easy ones',
            'how' => 'Open and close for half a minute, low and soft.',
            'watch' => 'landing on the balls of the feet',
            'mistake' => 'slapping down with flat feet',
            'loads' => [
                BodyPart::Foot, BodyPart::Ankle, BodyPart::Achilles, BodyPart::Shin, BodyPart::Calf, BodyPart::Knee,
                BodyPart::Shoulder,
            ],
        ],
        'boxer-step-dry' => [
            'title' => 'Boxer step without a rope',
            'stages' => self::ALL,
            'work' => DrillWork::Jump,
            'beat' => ['16s', 120],
            'count' => [CountKind::Hold, 45, 1],
            'cue' => 'quiet and springy',
            'why' => 'the beat comes before the rope does',
            'how' => 'Shift from foot to foot for half a minute to a minute, hands where the handles will be.',
            'watch' => 'shoulders loose',
            'mistake' => 'stiff arms',
            'loads' => [BodyPart::Foot, BodyPart::Ankle, BodyPart::Achilles, BodyPart::Shin, BodyPart::Calf],
        ],
        'easy-rope' => [
            'title' => 'Easy rope as the warm-up',
            'stages' => self::ALL,
            'work' => DrillWork::JumpAndRope,
            'beat' => ['20s', 100],
            'count' => [CountKind::Hold, 120, 1],
            'cue' => 'just clear the floor',
            'why' => 'the rope itself warms up what it will need',
            'how' => 'Two minutes of the easiest singles you have, stopping whenever you like. Only after it anything quick or high.',
            'watch' => 'easy enough to talk',
            'mistake' => 'counting',
            'loads' => [BodyPart::Foot, BodyPart::Ankle, BodyPart::Achilles, BodyPart::Shin, BodyPart::Calf, BodyPart::Wrist],
            'warmUp' => WarmUp::WithTheRope,
        ],
        'cool-calves' => [
            'title' => 'Cool down: calves',
            'stages' => self::ALL,
            'work' => DrillWork::Still,
            'beat' => ['r60', 60],
            'count' => [CountKind::Hold, 60, 1],
            'cue' => 'breathe, keep the beat',
            'why' => 'calves did most of it',
            'how' => 'Heel down at a wall, half a minute each, knee straight and then bent.',
            'watch' => 'slow breath out',
            'mistake' => 'bouncing in the stretch',
            'loads' => [BodyPart::Calf, BodyPart::Achilles],
        ],
        'cool-shins' => [
            'title' => 'Cool down: shins and forearms',
            'stages' => self::ALL,
            'work' => DrillWork::Still,
            'beat' => ['r60', 60],
            'count' => [CountKind::Hold, 60, 1],
            'cue' => 'relax, shake out',
            'why' => 'what held the toes and the handles all evening',
            'how' => 'Kneel and sit back on the heels as far as it is pleasant; then palms up, fingers drawn down, half a minute each.',
            'watch' => 'pleasant, never sharp',
            'mistake' => 'sitting down hard on the heels',
            'loads' => [BodyPart::Shin, BodyPart::Knee, BodyPart::Wrist],
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
