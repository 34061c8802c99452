<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Evening;

use Symfony\Component\Uid\Uuid;
use Zumbo\App\Platform\Gym\GymDatabase;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Gym\UnknownRow;

/**
 * What the current gym's coaches noted of their evenings.
 */
final readonly class EveningNotes
{
    public function __construct(private GymDatabase $database, private GymScope $scope)
    {
    }

    /** @throws UnknownRow when this gym has no such note, removed or not */
    public function get(Uuid $id): EveningNote
    {
        return $this->database->entities()->find(EveningNote::class, ['gymId' => $this->scope->gymId(), 'id' => $id])
            ?? throw UnknownRow::of('note', $id);
    }

    /**
     * @param \DateTimeImmutable|null $before only of earlier local days
     *
     * @return list<EveningNote> not removed, the newest day first, within a day the first first
     */
    public function newest(int $most, ?\DateTimeImmutable $before): array
    {
        $query = $this->database
            ->entities()
            ->createQueryBuilder()
            ->select('n')
            ->from(EveningNote::class, 'n')
            ->where('n.removedAt IS NULL')
            ->orderBy('n.localDay', 'DESC')
            ->addOrderBy('n.id', 'ASC')
            ->setMaxResults($most);
        if (null !== $before) {
            $query->andWhere('n.localDay < :before')->setParameter('before', $before, 'date_immutable');
        }
        /** @var list<EveningNote> $notes */
        $notes = $query->getQuery()->getResult();

        return $notes;
    }

    public function add(EveningNote $note): void
    {
        $this->database->entities()->persist($note);
    }
}
