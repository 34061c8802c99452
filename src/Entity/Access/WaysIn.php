<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Access;

use Doctrine\DBAL\LockMode;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\Gym\Coach;
use Zumbo\App\Platform\Gym\GymDatabase;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Gym\UnknownRow;

/**
 * The links of the current gym by which people get in.
 */
final readonly class WaysIn
{
    public function __construct(private GymDatabase $database, private GymScope $scope)
    {
    }

    public function find(Uuid $id): ?WayIn
    {
        return $this->database->entities()->find(WayIn::class, ['gymId' => $this->scope->gymId(), 'id' => $id]);
    }

    /** As it is now, and for nobody else until the caller's transaction ends. */
    public function hold(Uuid $id): ?WayIn
    {
        return $this->database
            ->entities()
            ->find(WayIn::class, ['gymId' => $this->scope->gymId(), 'id' => $id], LockMode::PESSIMISTIC_WRITE);
    }

    /** @throws UnknownRow when this gym has no such link, open or not */
    public function get(Uuid $id): WayIn
    {
        return $this->find($id) ?? throw UnknownRow::of('link', $id);
    }

    /**
     * @return list<WayIn> the newest first
     */
    public function open(\DateTimeImmutable $now): array
    {
        /** @var list<WayIn> $open */
        $open = $this->database
            ->entities()
            ->createQuery(
                'SELECT w FROM '.WayIn::class.' w WHERE w.usedAt IS NULL AND w.removedAt IS NULL AND w.expiresAt > :now
                 ORDER BY w.id DESC',
            )
            ->setParameter('now', $now, 'datetime_immutable')
            ->getResult();

        return $open;
    }

    /** Whoever has a new password needs no link to one any more. */
    public function closeResets(Coach $of, \DateTimeImmutable $now): void
    {
        foreach ($this->open($now) as $link) {
            if (WayInKind::Reset === $link->kind() && true === $link->coachId()?->equals($of->id())) {
                $link->remove($now);
            }
        }
    }

    public function add(WayIn $link): void
    {
        $this->database->entities()->persist($link);
    }
}
