<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Gym;

use Zumbo\App\Platform\Gym\GymDatabase;

/**
 * All that the database holds of the current gym.
 */
final readonly class GymRows
{
    /** Whatever points at another comes before it. */
    private const TABLES = [
        'gym_file_piece',
        'gym_file',
        'job',
        'trail',
        'focus_go',
        'focus',
        'gate_decision',
        'own_drill',
        'own_workout',
        'paced_run',
        'chosen_way',
        'noted_caution',
        'day_stop',
        'attendance',
        'attempt',
        'day_sum',
        'stage_days',
        'practice_set',
        'practice',
        'class_hour',
        'calendar_link',
        'card_aside',
        'athlete_card',
        'accepted_weeks',
        'planned_practice',
        'class_clock',
        'class_end',
        'hall_spot',
        'evening_note',
        'gym_change',
        'rope',
        'cable',
        'rope_pin',
        'given_rope',
        'rack_rope',
        'stature',
        'session_effort',
        'mutation',
        'erased',
        'athlete',
        'way_in',
        'signed_in_device',
        'coach',
    ];

    public function __construct(private GymDatabase $database)
    {
    }

    /** In the caller's transaction. */
    public function clear(): void
    {
        foreach (self::TABLES as $table) {
            $this->database->execute("DELETE FROM $table WHERE gym_id = :gym");
        }
        $this->database->execute('DELETE FROM gym WHERE id = :gym');
    }
}
