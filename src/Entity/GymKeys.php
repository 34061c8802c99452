<?php

declare(strict_types=1);

namespace Zumbo\App\Entity;

use Doctrine\Bundle\DoctrineBundle\Attribute\AsDoctrineListener;
use Doctrine\ORM\Tools\Event\GenerateSchemaEventArgs;
use Doctrine\ORM\Tools\ToolEvents;

/**
 * Tells Doctrine of the foreign keys that carry the gym. Entities keep plain ids, so that a row of another gym can't
 * even be loaded by following one; the database refuses what points across.
 */
#[AsDoctrineListener(ToolEvents::postGenerateSchema)]
final class GymKeys
{
    private const TO_GYM = [
        'coach',
        'athlete',
        'rope',
        'mutation',
        'gym_change',
        'class_hour',
        'planned_practice',
        'accepted_weeks',
        'calendar_link',
        'athlete_card',
        'card_aside',
        'class_clock',
        'class_end',
        'hall_spot',
        'practice',
        'practice_set',
        'attempt',
        'day_sum',
        'stage_days',
        'focus',
        'focus_go',
        'stature',
        'session_effort',
        'rack_rope',
        'cable',
        'rope_pin',
        'given_rope',
        'noted_caution',
        'day_stop',
        'way_in',
        'attendance',
        'evening_note',
        'gate_decision',
        'own_drill',
        'own_workout',
        'paced_run',
        'chosen_way',
        'trail',
        'signed_in_device',
    ];

    /** [table, key name, columns, table pointed at] */
    private const WITHIN_GYM = [
        ['rope', 'rope_athlete', ['gym_id', 'athlete_id'], 'athlete'],
        ['rope', 'rope_cable', ['gym_id', 'cable_id'], 'cable'],
        ['focus', 'focus_athlete_key', ['gym_id', 'athlete_id'], 'athlete'],
        ['focus_go', 'focus_go_of', ['gym_id', 'athlete_id'], 'athlete'],
        ['noted_caution', 'noted_caution_of', ['gym_id', 'athlete_id'], 'athlete'],
        ['hall_spot', 'hall_spot_of', ['gym_id', 'athlete_id'], 'athlete'],
        ['accepted_weeks', 'accepted_weeks_of', ['gym_id', 'athlete_id'], 'athlete'],
        ['calendar_link', 'calendar_link_of', ['gym_id', 'athlete_id'], 'athlete'],
        ['athlete_card', 'athlete_card_of', ['gym_id', 'athlete_id'], 'athlete'],
        ['card_aside', 'card_aside_of', ['gym_id', 'athlete_id'], 'athlete'],
        ['paced_run', 'paced_run_of', ['gym_id', 'athlete_id'], 'athlete'],
        ['chosen_way', 'chosen_way_of', ['gym_id', 'athlete_id'], 'athlete'],
        ['attendance', 'attendance_of', ['gym_id', 'athlete_id'], 'athlete'],
        ['gate_decision', 'gate_decision_of', ['gym_id', 'athlete_id'], 'athlete'],
        ['trail', 'trail_whose', ['gym_id', 'athlete_id'], 'athlete'],
        ['day_stop', 'day_stop_of', ['gym_id', 'athlete_id'], 'athlete'],
        ['session_effort', 'session_effort_of', ['gym_id', 'athlete_id'], 'athlete'],
        ['stature', 'stature_athlete', ['gym_id', 'athlete_id'], 'athlete'],
        ['rope_pin', 'rope_pin_athlete', ['gym_id', 'athlete_id'], 'athlete'],
        ['rope_pin', 'rope_pin_rope', ['gym_id', 'rack_rope_id'], 'rack_rope'],
        ['given_rope', 'given_rope_athlete', ['gym_id', 'athlete_id'], 'athlete'],
        ['given_rope', 'given_rope_rope', ['gym_id', 'rack_rope_id'], 'rack_rope'],
        ['practice', 'practice_athlete', ['gym_id', 'athlete_id'], 'athlete'],
        ['practice_set', 'practice_set_practice', ['gym_id', 'practice_id'], 'practice'],
        ['attempt', 'attempt_set', ['gym_id', 'set_id'], 'practice_set'],
        ['day_sum', 'day_sum_set', ['gym_id', 'set_id'], 'practice_set'],
        ['stage_days', 'stage_days_of', ['gym_id', 'athlete_id'], 'athlete'],
    ];

    public function postGenerateSchema(GenerateSchemaEventArgs $event): void
    {
        $schema = $event->getSchema();
        foreach (self::TO_GYM as $table) {
            $schema->getTable($table)->addForeignKeyConstraint('gym', ['gym_id'], ['id'], [], $table.'_gym');
        }
        foreach (self::WITHIN_GYM as [$table, $name, $columns, $target]) {
            $schema->getTable($table)->addForeignKeyConstraint($target, $columns, ['gym_id', 'id'], [], $name);
        }
    }
}
