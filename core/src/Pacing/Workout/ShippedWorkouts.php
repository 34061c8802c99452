<?php

declare(strict_types=1);

namespace Zumbo\Core\Pacing\Workout;

/**
 * Workouts that come with the app, all invented: one of each form, and doubles mixed with what stands beside them.
 */
final class ShippedWorkouts
{
    /** By code: name and text. */
    private const ALL = [
        'five-by-fifty' => ['Five times fifty', '5 rounds: 50 doubles, run 2:00; cap 20:00'],
        'one-long-rope' => ['One long rope', 'once: 150 doubles; cap 8:00'],
        'up-the-quay' => ['Up the quay steps', '10-20-30-40: doubles, squats 2 s each'],
        'down-the-quay' => ['Down the quay steps', '50-40-30-20-10: doubles, sit-ups 2 s each; cap 15:00'],
        'ebb' => ['Twelve minutes of ebb', 'as many rounds as fit in 12:00: 30 doubles, 10 presses 25 s'],
        'slack-water' => ['Slack water', 'as many rounds as fit in 15:00: 20 doubles, 15 squats 30 s, 40 singles'],
        'each-minute' => ['Twenty-five each minute', 'every 1:00, 10 times: 25 doubles'],
        'every-other' => ['Every other minute', 'every 2:00, 8 times: 40 doubles, row 45 s'],
        'on-and-off' => ['On and off', '6 times 1:30 on, 1:00 off: doubles'],
        'short-bites' => ['Short bites', '8 times 20 s on, 10 s off: doubles'],
        'harbour-list' => ['The harbour list', 'once: 100 doubles, 40 squats 1:20, 80 doubles, 30 push-ups 1:00, 60 doubles, '
            .'20 burpees 1:00; cap 18:00'],
        'there-and-back' => ['There and back', 'once: 80 doubles; then 4 rounds: 12 lunges 30 s, 20 doubles; '
            .'then once: 80 doubles; cap 14:00'],
        'three-calm' => ['Three calm rounds', '3 rounds: 20 doubles, 60 singles, rest 1:00'],
        'first-doubles' => ['A first workout with doubles', '4 rounds: 10 doubles, plank 30 s, rest 30 s'],
    ];

    /**
     * @return array<string, array{name: string, text: string}>
     */
    public static function all(): array
    {
        return array_map(static fn (array $one): array => ['name' => $one[0], 'text' => $one[1]], self::ALL);
    }
}
