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
    private const TO_GYM = ['coach', 'athlete', 'rope', 'mutation'];

    /** table → [key name, columns, table pointed at, its columns] */
    private const WITHIN_GYM = ['rope' => ['rope_athlete', ['gym_id', 'athlete_id'], 'athlete', ['gym_id', 'id']]];

    public function postGenerateSchema(GenerateSchemaEventArgs $event): void
    {
        $schema = $event->getSchema();
        foreach (self::TO_GYM as $table) {
            $schema->getTable($table)->addForeignKeyConstraint('gym', ['gym_id'], ['id'], [], $table.'_gym');
        }
        foreach (self::WITHIN_GYM as $table => [$name, $columns, $target, $targetColumns]) {
            $schema->getTable($table)->addForeignKeyConstraint($target, $columns, $targetColumns, [], $name);
        }
    }
}
