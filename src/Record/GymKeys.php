<?php

declare(strict_types=1);

namespace Zumbo\App\Record;

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
    private const TO_GYM = ['coach', 'athlete', 'rope', 'mutation', 'gym_change', 'class_hour', 'practice', 'practice_set', 'attempt'];

    /** table → [key name, columns, table pointed at] */
    private const WITHIN_GYM = [
        'rope' => ['rope_athlete', ['gym_id', 'athlete_id'], 'athlete'],
        'practice' => ['practice_athlete', ['gym_id', 'athlete_id'], 'athlete'],
        'practice_set' => ['practice_set_practice', ['gym_id', 'practice_id'], 'practice'],
        'attempt' => ['attempt_set', ['gym_id', 'set_id'], 'practice_set'],
    ];

    public function postGenerateSchema(GenerateSchemaEventArgs $event): void
    {
        $schema = $event->getSchema();
        foreach (self::TO_GYM as $table) {
            $schema->getTable($table)->addForeignKeyConstraint('gym', ['gym_id'], ['id'], [], $table.'_gym');
        }
        foreach (self::WITHIN_GYM as $table => [$name, $columns, $target]) {
            $schema->getTable($table)->addForeignKeyConstraint($target, $columns, ['gym_id', 'id'], [], $name);
        }
    }
}
