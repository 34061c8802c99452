<?php

declare(strict_types=1);

namespace Zumbo\Core\Method;

/**
 * What each school says for itself, and for whom it is. All common practice, no published source.
 *
 * @phpstan-type Row array{label: string, why: string, for: string}
 */
final class WayTable
{
    private const ASKED = [
        'method' => 'From singles to doubles',
        'arms' => 'Arms',
        'elbows' => 'Elbows',
        'height' => 'Height of the jump',
        'sound' => 'While jumping',
        'gates' => 'What opens a gate',
        'warm-up' => 'Warm-up',
        'dose' => 'Practice beside the class',
    ];

    private const ROWS = [
        'method' => [
            'pattern' => [
                'label' => 'Doubles among singles',
                'why' => 'keeps the rhythm going and teaches the way back into singles',
                'for' => 'most athletes: those with steady singles and an ear for a beat',
            ],
            'even-jump' => [
                'label' => 'Every jump the same',
                'why' => 'singles and doubles by turns train an uneven jump, so they are never mixed',
                'for' => 'those who leap for the double and land low, and those who lose the beat after it',
            ],
            'standing-start' => [
                'label' => 'From standing',
                'why' => 'one double and nothing around it: the hands have one thing to do',
                'for' => 'those who hurry in the run-in, and those who cannot feel when the hands must go',
            ],
            'same-jump' => [
                'label' => 'Out of the tall single',
                'why' => 'the tall single is the jump of the double: only the wrist is new',
                'for' => 'those whose tall singles are easy, and those who tuck or pike for the double',
            ],
        ],
        'arms' => [
            'bent' => [
                'label' => 'Bent, forearms out',
                'why' => 'the forearm carries the wrist, and the hands stay at one height',
                'for' => 'beginners, and those whose hands wander',
            ],
            'long' => [
                'label' => 'Long and relaxed',
                'why' => 'low hands leave the shoulders loose in long sets',
                'for' => 'those with tight shoulders, and those who already turn from the wrist',
            ],
        ],
        'elbows' => [
            'by-the-ribs' => [
                'label' => 'By the ribs',
                'why' => 'narrow hands keep the arc that the rope was cut for',
                'for' => 'everybody to begin with',
            ],
            'drawn-back' => [
                'label' => 'Drawn back',
                'why' => 'elbows behind the ribs open the chest and keep the trunk tall',
                'for' => 'those who fold forward over the rope',
            ],
            'hands-lead' => [
                'label' => 'Hands lead in front',
                'why' => 'hands that are seen are hands that stay even',
                'for' => 'those whose rope meets their heels',
            ],
        ],
        'height' => [
            'lowest' => [
                'label' => 'The lowest that clears',
                'why' => 'a low jump costs least and can be kept up',
                'for' => 'training and workouts',
            ],
            'high' => [
                'label' => 'High, with lifted knees',
                'why' => 'time in the air for crossed doubles, triples and shows',
                'for' => 'performers with quiet landings; it costs more per jump and loads the knees',
            ],
        ],
        'sound' => [
            'beat' => [
                'label' => 'To a beat',
                'why' => 'a click or a steady song keeps what rushes in time',
                'for' => 'those who get faster and faster',
            ],
            'silence' => [
                'label' => 'In silence',
                'why' => 'whoever hears the rope hears when it is late',
                'for' => 'those who look at their feet, and those who jump ahead of the rope',
            ],
        ],
        'gates' => [
            'both' => [
                'label' => 'Quality, then count',
                'why' => 'a number that was reached anyhow comes back as a fault',
                'for' => 'most gyms',
            ],
            'form-first' => [
                'label' => 'Form alone',
                'why' => 'five clean goes say more than a long one that fell apart',
                'for' => 'children, and those who chase numbers',
            ],
            'count-first' => [
                'label' => 'Count first',
                'why' => 'a number is plain to everybody, and form follows from doing it often',
                'for' => 'experienced athletes who polish later',
            ],
        ],
        'warm-up' => [
            'before-the-rope' => [
                'label' => 'Before the rope is touched',
                'why' => 'joints, shins and calves come first',
                'for' => 'cold halls, long days of sitting, grown-ups',
            ],
            'with-the-rope' => [
                'label' => 'With easy rope',
                'why' => 'the rope itself is the warm-up, as long as it stays easy',
                'for' => 'short practices and those who jump often',
            ],
        ],
        'dose' => [
            'five-minutes-daily' => [
                'label' => 'Five minutes a day',
                'why' => 'a little each day is learned sooner than much at once',
                'for' => 'those with a rope at home; beginners do without jumps on rest days',
            ],
            'three-times-a-week' => [
                'label' => 'Five to ten minutes, three times a week',
                'why' => 'a day between lets shins and calves follow',
                'for' => 'those who train other things as well',
            ],
            'two-or-three-sessions' => [
                'label' => 'Two or three sessions a week',
                'why' => 'the class is enough to begin with',
                'for' => 'beginners, and those who come back after a pause',
            ],
            'while-fresh' => [
                'label' => 'Daily, as long as the head stays fresh',
                'why' => 'the first tired go is where the practice ends',
                'for' => 'experienced athletes who know when to stop',
            ],
        ],
    ];

    /** As a coach is asked. */
    public static function asked(WayKind $kind): string
    {
        return self::ASKED[$kind->value];
    }

    /**
     * @return Row what it is called, why one teaches so, and for whom
     *
     * @throws UnknownWay when that is no answer to it
     */
    public static function of(WayKind $kind, string $answer): array
    {
        $rows = self::ROWS[$kind->value];

        return isset($rows[$answer]) ? $rows[$answer] : throw UnknownWay::answer($kind, $answer);
    }
}
