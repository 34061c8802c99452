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
 * The rope turned by hand, while the feet stay down.
 *
 * @phpstan-import-type Row from DrillFamily
 */
final class Turning
{
    private const ROWS = [
        'side-turns' => [
            'title' => 'One-hand turns at the side, both handles in one hand',
            'stages' => [Stage::Turn, Stage::Join],
            'instead' => true,
            'work' => DrillWork::Rope,
            'beat' => ['8s', 100],
            'count' => [CountKind::Hold, 30, 3],
            'cue' => 'small quick wrists',
            'why' => 'the wrist learns the turn while the feet rest',
            'how' => 'Take both handles in one hand and turn the rope beside you in an even circle, palm to your side. '
                .'Change hands after half a minute.',
            'watch' => 'the forearm hardly moves; the circle does not lean',
            'mistake' => 'drawing the circle with the whole arm',
            'needs' => [Equipment::Rope],
            'fixes' => ['arm-turning', 'thumbs-forward'],
            'loads' => [BodyPart::Wrist],
            'harder' => 'weak-hand',
        ],
        'handle-spin' => [
            'title' => 'Spin the handle in still fingers',
            'stages' => [Stage::Turn],
            'instead' => true,
            'work' => DrillWork::Rope,
            'beat' => ['8s', 110],
            'count' => [CountKind::Hold, 30, 3],
            'cue' => 'small quick wrists',
            'why' => 'a loose grip is the start of a quick turn',
            'how' => 'Hold the handle with thumb and two fingers, near its end, and let it turn in them from the smallest '
                .'flick that keeps the rope moving.',
            'watch' => 'knuckles that keep their colour',
            'mistake' => 'squeezing the handle in the fist',
            'needs' => [Equipment::Rope],
            'fixes' => ['arm-turning', 'tension'],
            'loads' => [BodyPart::Wrist],
            'harder' => 'side-turns',
        ],
        'double-whip' => [
            'title' => 'Rope in one hand: three turns, then a double whip',
            'stages' => [Stage::Snap],
            'instead' => true,
            'work' => DrillWork::Rope,
            'beat' => ['3s d', 90],
            'methods' => [Method::Pattern],
            'count' => [CountKind::Hold, 30, 3],
            'cue' => 'make it whistle',
            'why' => 'the whistle tells that the hand is fast enough',
            'how' => 'Both handles in one hand at the side. Three easy turns, then two as fast as you can, then easy '
                .'again. Each hand by itself.',
            'watch' => 'the whistle comes at once, and the easy turns come back even',
            'mistake' => 'speeding up over several turns instead of snapping',
            'needs' => [Equipment::Rope],
            'fixes' => ['slow-spin', 'frantic-spin'],
            'easier' => 'side-turns',
        ],
        'whip-from-rest' => [
            'title' => 'Rope in one hand: from rest, two whips at once',
            'stages' => [Stage::Snap],
            'instead' => true,
            'work' => DrillWork::Rope,
            'beat' => ['d r2', 90],
            'methods' => [Method::EvenJump, Method::StandingStart, Method::SameJump],
            'count' => [CountKind::Hold, 30, 3],
            'cue' => 'make it whistle',
            'why' => 'a hand that is quick from rest needs no run-in',
            'how' => 'Let the rope hang still beside you, both handles in one hand. Two turns as one flick, catch it, wait '
                .'until it hangs, again.',
            'watch' => 'two whistles so close that they are nearly one',
            'mistake' => 'a first turn that is slow and a second that is late',
            'needs' => [Equipment::Rope],
            'fixes' => ['slow-spin', 'late-spin'],
            'easier' => 'side-turns',
        ],
        'weak-hand' => [
            'title' => 'One-hand turns with the weaker hand',
            'stages' => [Stage::Turn, Stage::Snap],
            'instead' => true,
            'work' => DrillWork::Rope,
            'beat' => ['8s', 100],
            'count' => [CountKind::Hold, 30, 3],
            'cue' => 'flick down',
            'why' => 'the slower hand decides how fast the rope is',
            'how' => 'As at the side, with the hand you do not write with, a third longer than with the other. Before a '
                .'mirror if there is one.',
            'watch' => 'both circles as round and at one height',
            'mistake' => 'leaving it out because it is dull',
            'needs' => [Equipment::Rope],
            'fixes' => ['hands-uneven'],
            'loads' => [BodyPart::Wrist],
            'easier' => 'side-turns',
        ],
        'mirror-hands' => [
            'title' => 'Turn empty handles before a mirror',
            'stages' => [Stage::Turn, Stage::Singles],
            'instead' => true,
            'work' => DrillWork::Rope,
            'beat' => ['8s', 100],
            'count' => [CountKind::Hold, 60, 2],
            'cue' => 'both hands at one height',
            'why' => 'what is even without a rope can be even with one',
            'how' => 'Stand before a mirror with handles and no rope, or with two short sticks. Turn both and look at one, '
                .'then at the other.',
            'watch' => 'the same height, the same distance from the hips, the same size',
            'mistake' => 'watching the better hand only',
            'needs' => [Equipment::Mirror],
            'fixes' => ['hands-uneven', 'hands-close'],
            'loads' => [BodyPart::Wrist],
        ],
        'elbow-hold' => [
            'title' => 'Elbows on the ribs, a towel under each, slow turns without a rope',
            'stages' => [Stage::Singles, Stage::Link],
            'instead' => true,
            'work' => DrillWork::Still,
            'beat' => ['8s', 90],
            'count' => [CountKind::Hold, 45, 2],
            'cue' => 'elbows on your ribs',
            'why' => 'narrow hands keep the arc',
            'how' => 'A folded towel, or a playing card, between each elbow and the ribs. Turn the wrists slowly; nothing may fall.',
            'watch' => 'hands a hand\'s breadth from the hips, seen at the edge of sight',
            'mistake' => 'clamping so hard that the shoulders rise',
            'needs' => [Equipment::Towel],
            'fixes' => ['hands-wide'],
            'loads' => [BodyPart::Wrist, BodyPart::Shoulder],
            'harder' => 'band-singles',
        ],
        'catch-the-rope' => [
            'title' => 'Swing over and catch under the toes',
            'stages' => [Stage::Turn],
            'main' => true,
            'work' => DrillWork::Rope,
            'beat' => ['s r2', 60],
            'count' => [CountKind::Streak, 10, 3],
            'cue' => 'small quick wrists',
            'why' => 'the rope is turned from the wrist before the feet leave the floor',
            'how' => 'Rope behind you. Swing it over with the wrists, lift the toes, and let it slide under them: caught. '
                .'Step out, and again.',
            'watch' => 'an even arc that reaches the floor at both feet together',
            'mistake' => 'throwing the arms forward to get it over',
            'needs' => [Equipment::Rope],
            'fixes' => ['arm-turning', 'thumbs-forward'],
            'easier' => 'side-turns',
            'harder' => 'swing-and-stop',
        ],
        'land-it-in-front' => [
            'title' => 'Whip the rope over to land a hand in front of the feet',
            'stages' => [Stage::Turn, Stage::Snap],
            'work' => DrillWork::Rope,
            'beat' => ['s r3', 60],
            'count' => [CountKind::Tries, 10, 2],
            'cue' => 'flick down',
            'why' => 'the place where it lands shows whether the hands stayed low',
            'how' => 'From behind, whip the rope over with both wrists so that it lies down about 15 cm (6 in) in front of '
                .'the toes. Feet stay where they are.',
            'watch' => 'straight across, both sides at one time',
            'mistake' => 'pulling it in with the arms, so that it lands on the toes',
            'needs' => [Equipment::Rope],
            'fixes' => ['hands-high', 'hands-uneven', 'thumbs-forward'],
            'easier' => 'catch-the-rope',
        ],
        'band-turns' => [
            'title' => 'Turns with an elastic band round the upper arms',
            'stages' => [Stage::Turn],
            'work' => DrillWork::Rope,
            'beat' => ['4s', 80],
            'count' => [CountKind::Hold, 30, 2],
            'cue' => 'elbows on your ribs',
            'why' => 'the band tells of the elbow before it has gone far',
            'how' => 'A light band round both upper arms and the trunk. Swing the rope over and catch it, slowly; the band '
                .'may not stretch.',
            'watch' => 'upper arms that hang, hands that turn',
            'mistake' => 'a band so tight that one pushes against it',
            'needs' => [Equipment::Rope, Equipment::Band],
            'fixes' => ['hands-wide', 'arm-turning'],
            'caution' => 'With slow turns and slow singles only: who trips with bound arms cannot catch the fall.',
            'easier' => 'elbow-hold',
            'harder' => 'band-singles',
        ],
        'ball-on-a-cord' => [
            'title' => 'A ball on a short cord, turned at the side',
            'stages' => [Stage::Turn, Stage::Snap],
            'instead' => true,
            'work' => DrillWork::Rope,
            'beat' => ['8s', 120],
            'count' => [CountKind::Hold, 30, 2],
            'cue' => 'flick down',
            'why' => 'a short cord answers to the wrist and to nothing else',
            'how' => 'A small ball on a cord of an arm\'s length. Turn it beside the hip; when it runs evenly, double its '
                .'speed for two turns and bring it back.',
            'watch' => 'the ball\'s circle stays flat beside the leg',
            'mistake' => 'letting the circle drift in front of the body',
            'needs' => [Equipment::BallOnCord],
            'fixes' => ['slow-spin', 'hands-wide'],
            'loads' => [BodyPart::Wrist],
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
