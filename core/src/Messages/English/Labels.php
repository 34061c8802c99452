<?php

declare(strict_types=1);

namespace Zumbo\Core\Messages\English;

/**
 * What the words of the vocabulary are called, by their kind (Zumbo\Core\Measure\Term).
 */
final class Labels
{
    private const BY_KIND = [
        'stage' => [
            'jump' => 'Jump',
            'turn' => 'Turn',
            'join' => 'Join',
            'singles' => 'Singles',
            'range' => 'Range',
            'snap' => 'Snap',
            'mix' => 'Mix',
            'link' => 'Link',
            'hold' => 'Hold',
            'workout' => 'Workout',
        ],
        // Why a stretch of the path asks for that much spare arc.
        'phase' => [
            'learning' => 'a learner needs that room',
            'approaching' => 'enough room for the first doubles',
            'linking' => 'short, as linked doubles want it',
        ],
        'experience' => [
            'none' => 'Never jumped',
            'singles' => 'Singles',
            'some-doubles' => 'Some doubles',
            'linked-doubles' => 'Linked doubles',
        ],
        'moving' => [
            'moves' => 'moves on',
            'stuck' => 'stuck',
            'open' => 'no telling yet',
            'away' => 'away',
        ],
        'session-kind' => [
            'class' => 'Class',
            'class-no-jump' => 'Class, without jumps',
            'home' => 'Practice at home',
            'home-no-jump' => 'Practice at home, without jumps',
        ],
        // The parts of a practice.
        'slot' => [
            'warm-up' => 'Warm-up',
            'focus' => 'Focus',
            'main' => 'Main set',
            'finish' => 'Finish',
            'cool-down' => 'Cool-down',
        ],
        'equipment' => [
            'rope' => 'Ropes',
            'line' => 'Lines',
            'bar' => 'Bars to tap',
            'band' => 'Elastic bands',
            'towel' => 'Towels',
            'mirror' => 'Mirrors',
            'ball-on-cord' => 'Balls on a cord',
            'mat' => 'Mats',
            'step' => 'Low steps',
            'wall' => 'Walls',
            'cards' => 'Decks of cards',
            'partner' => 'Partners',
            'long-rope' => 'Long ropes',
        ],
        'left-out-reason' => [
            'loads-what-is-sore' => 'loads what is sore',
            'no-equipment' => 'needs something that is not here',
            'done-last-time' => 'done last time',
            'asked-for-another' => 'you asked for another one',
            'too-many-contacts' => 'more contacts than are left',
            'dearer' => 'something else serves better',
        ],
        'dominant-hand' => ['right' => 'Right', 'left' => 'Left', 'both' => 'Both'],
        'caution' => [
            'chest-pain' => 'Chest pain',
            'fainting' => 'Fainting',
            'dizziness' => 'Dizziness',
            'calf-pain' => 'Sudden calf pain',
            'numbness' => 'Numbness',
            'leakage' => 'Leakage of urine',
            'red-flag' => 'Warning sign',
            'pain' => 'Pain',
            'recent-injury' => 'Recent injury',
            'pregnancy' => 'Pregnancy',
            'after-childbirth' => 'After childbirth',
            'pelvic-floor' => 'Pelvic floor symptoms',
            'bone' => 'Bone condition',
            'heart' => 'Heart condition',
            'easy-weeks' => 'Easy weeks',
        ],
        'body-part' => [
            'foot' => 'foot',
            'ankle' => 'ankle',
            'achilles' => 'Achilles tendon',
            'shin' => 'shin',
            'calf' => 'calf',
            'knee' => 'knee',
            'hip' => 'hip',
            'back' => 'back',
            'wrist' => 'wrist',
            'shoulder' => 'shoulder',
            'elsewhere' => 'elsewhere',
        ],
        'stop-word' => ['temper' => 'temper is up', 'tired' => 'tired', 'misses' => 'misses pile up'],
        'clearance' => ['coach' => 'the coach', 'professional' => 'a professional, as they stated'],
        'rope-state' => [
            'right' => 'right',
            'on-its-way' => 'on its way down',
            'too-short' => 'too short',
            'too-long' => 'too long',
            'outgrown' => 'outgrown',
            'not-sound' => 'not sound',
            'unknown' => 'not known',
        ],
        'rope-action' => [
            'keep' => 'keep it',
            'trim' => 'trim',
            'let-out' => 'let out',
            'size-anew' => 'size anew',
            'buy' => 'buy',
            'ask-stance' => 'ask for the stance',
            'ask-handles' => 'ask for the handles',
        ],
        'school' => [
            'height' => 'rule of height',
            'shoulder' => 'shoulder',
            'armpit' => 'armpit',
            'chest' => 'chest',
            'below-chest' => 'below-the-chest',
            'breastbone' => 'breastbone',
        ],
        'stance' => ['one-foot' => 'one foot', 'two-feet' => 'both feet', 'pinned' => 'pinned under one arch'],
        'reading' => ['handle-end' => 'handle ends', 'cable-end' => 'cable ends', 'overall' => 'overall length'],
        'landmark' => [
            'shoulder' => 'top of the shoulder',
            'armpit' => 'armpit',
            'chest' => 'middle of the chest',
            'below-chest' => 'spot just under the chest muscle',
            'breastbone' => 'bottom of the breastbone',
            'ribs' => 'ribs',
            'waist' => 'waist',
            'hip' => 'hip',
        ],
        // Higher than any landmark.
        'reach' => ['above' => 'past the shoulder'],
        'cable-family' => [
            'beaded' => 'Beaded rope',
            'thick-cord' => 'Thick solid cord (5–6 mm)',
            'medium-cord' => 'Medium cord or coated cable (3–4 mm)',
            'coated-steel' => 'Thin coated steel cable (2–2.5 mm)',
            'thin-wire' => 'Bare or thinly coated wire (1.5–1.8 mm)',
            'weighted' => 'Weighted rope',
        ],
        // What an inspection found wrong.
        'failed-point' => [
            'bearing-spins' => 'bearing sticks',
            'no-kinks' => 'kinked',
            'coating-whole' => 'coating frayed',
            'no-strands' => 'strands show',
            'screws-tight' => 'screws loose',
            'ends-safe' => 'sharp ends',
            'sides-even' => 'sides uneven',
        ],
        'station' => [
            'learning' => 'Jump to Singles',
            'approaching' => 'Range to Mix',
            'linking' => 'Link to Workout',
        ],
    ];

    /** Null: there is none. */
    public static function of(string $kind, string $code): ?string
    {
        return self::BY_KIND[$kind][$code] ?? FaultLabels::BY_KIND[$kind][$code] ?? null;
    }
}
