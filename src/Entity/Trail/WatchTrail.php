<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Trail;

use Doctrine\Bundle\DoctrineBundle\Attribute\AsDoctrineListener;
use Doctrine\ORM\EntityManagerInterface;
use Doctrine\ORM\Event\OnFlushEventArgs;
use Doctrine\ORM\Event\PostFlushEventArgs;
use Doctrine\ORM\Events;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\Log\Attempt;
use Zumbo\App\Entity\People\Athlete;

/**
 * Sees every row that is about to be written, and notes in the same transaction what changes of it. What is new in the log
 * is not noted: an entry says itself who wrote it.
 */
#[AsDoctrineListener(Events::onFlush)]
#[AsDoctrineListener(Events::postFlush)]
final class WatchTrail
{
    /** @var list<TrailNote> */
    private array $waiting = [];

    public function __construct(private readonly Trail $trail)
    {
    }

    public function onFlush(OnFlushEventArgs $event): void
    {
        // A flush that failed left its own.
        $this->waiting = [];
        $manager = $event->getObjectManager();
        $work = $manager->getUnitOfWork();
        foreach ($work->getScheduledEntityInsertions() as $row) {
            if ($row instanceof Trailed && !$row instanceof Attempt) {
                $this->note($manager, $row, TrailDeed::Made, $work->getEntityChangeSet($row));
            }
        }
        foreach ($work->getScheduledEntityUpdates() as $row) {
            if ($row instanceof Trailed) {
                $changes = $work->getEntityChangeSet($row);
                $this->note($manager, $row, self::deed($changes), $changes);
            }
        }
        foreach ($work->getScheduledEntityDeletions() as $row) {
            if ($row instanceof Trailed) {
                $gone = array_map(static fn (mixed $was): array => [$was, null], $work->getOriginalEntityData($row));
                $this->note($manager, $row, TrailDeed::Deleted, $gone);
            }
        }
    }

    /** Afterwards, when the rows that the notes point at are there. */
    public function postFlush(PostFlushEventArgs $event): void
    {
        [$notes, $this->waiting] = [$this->waiting, []];
        $this->trail->add($notes);
    }

    /**
     * @param array<string, array{mixed, mixed}|mixed> $changeSet by field
     */
    private function note(EntityManagerInterface $manager, Trailed $row, TrailDeed $deed, array $changeSet): void
    {
        $data = $manager->getClassMetadata($row::class);
        $values = [];
        foreach ($changeSet as $field => $pair) {
            // Of what is embedded, each column comes by itself as well.
            $isColumn = isset($data->fieldMappings[$field]);
            if ($isColumn && \is_array($pair) && [0, 1] === array_keys($pair)) {
                $values[$data->getColumnName($field)] = [$pair[0], $pair[1]];
            }
        }
        $changes = Changes::between($values);
        if ([] === $changes && TrailDeed::Changed === $deed) {
            return;
        }
        $whose = match (true) {
            $row instanceof Athlete => $row->id(),
            $data->hasField('athleteId') => $data->getFieldValue($row, 'athleteId'),
            default => null,
        };
        $this->waiting[] = new TrailNote(
            $deed,
            $data->getTableName(),
            $row->id(),
            $row->trailName(),
            $changes,
            $whose instanceof Uuid ? $whose : null,
        );
    }

    /** @param array<string, mixed> $changes */
    private static function deed(array $changes): TrailDeed
    {
        $removal = $changes['removedAt'] ?? null;

        return match (true) {
            !\is_array($removal) => TrailDeed::Changed,
            null === $removal[1] => TrailDeed::BroughtBack,
            null === $removal[0] => TrailDeed::Removed,
            default => TrailDeed::Changed,
        };
    }
}
