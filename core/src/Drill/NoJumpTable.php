<?php

declare(strict_types=1);

namespace Zumbo\Core\Drill;

use Zumbo\Core\Body\BodyPart;

/**
 * The drills without a landing. All common practice, no published source; doses are our assumption.
 */
final class NoJumpTable
{
    private const HAND = [BodyPart::Wrist];
    private const ARM = [BodyPart::Wrist, BodyPart::Shoulder];

    /** code → [title, sets, seconds, cue, why, what it loads] */
    private const ROWS = [
        'side-turns' => ['One-hand turns at the side, both handles in one hand', 3, 30,
            'small quick wrists', 'the wrist learns the turn while the feet rest', self::HAND],
        'handle-spin' => ['Spin the handle in still fingers', 3, 30,
            'small quick wrists', 'a loose grip is the start of a quick turn', self::HAND],
        'double-whip' => ['Rope in one hand: three turns, then a double whip', 3, 30,
            'make it whistle', 'the whistle tells that the hand is fast enough', self::ARM],
        'standing-claps' => ['Standing: clap the hips twice to one click', 3, 30,
            'slow, then snap', 'two quick taps in one beat are the double’s hands', self::ARM],
        'mirror-hands' => ['Turn empty handles before a mirror', 2, 60,
            'both hands at one height', 'what is even without a rope can be even with one', self::HAND],
        'weak-hand' => ['One-hand turns with the weaker hand', 3, 30,
            'flick down', 'the slower hand decides how fast the rope is', self::HAND],
        'elbow-hold' => ['Elbows on the ribs, a towel under each, slow turns without a rope', 2, 45,
            'elbows on your ribs', 'narrow hands keep the arc', self::ARM],
        'seated-beat' => ['Seated: tap the beat with both hands on the thighs', 2, 60,
            'every beat the same', 'the beat is learned by hand as well', self::HAND],
        'toe-taps' => ['Quick alternating toe taps on a low step', 3, 30,
            'light and quick', 'quick feet without a landing from above',
            [BodyPart::Foot, BodyPart::Ankle, BodyPart::Achilles, BodyPart::Shin, BodyPart::Calf, BodyPart::Knee]],
        'hollow-hold' => ['Hollow hold on the back', 3, 20,
            'brace', 'a quiet middle keeps the hands quiet', [BodyPart::Back, BodyPart::Hip]],
        'count-the-beat' => ['Listen to the click and count one to four, breathing through the nose', 2, 60,
            'breathe, keep the beat', 'a beat that is in the ear is soon in the feet', []],
        'listen-to-doubles' => ['Listen to somebody’s good doubles and tap each one in the air', 2, 60,
            'hear it first', 'whoever hears an even double will jump one', []],
        'watch-the-start' => ['Watch a partner: say when the hands go and when the toes leave', 2, 60,
            'hands go as your toes leave', 'seeing it in others teaches it to oneself', []],
    ];

    /**
     * @return list<NoJumpDrill>
     */
    public static function all(): array
    {
        return array_map(
            static fn (string $code, array $row): NoJumpDrill => new NoJumpDrill($code, ...$row),
            array_keys(self::ROWS),
            self::ROWS,
        );
    }

    /**
     * @param list<BodyPart> $sore what must not be loaded
     *
     * @return list<NoJumpDrill>
     */
    public static function sparing(array $sore): array
    {
        return array_values(array_filter(
            self::all(),
            static fn (NoJumpDrill $drill): bool => $drill->spares($sore),
        ));
    }
}
