<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Plan;

use Symfony\Component\Uid\Uuid;
use Zumbo\App\Platform\Gym\GymDatabase;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Gym\UnknownRow;

/**
 * The private calendar addresses of the current gym.
 */
final readonly class CalendarLinks
{
    public function __construct(private GymDatabase $database, private GymScope $scope)
    {
    }

    /** Null: this gym has no such address, taken back or not. */
    public function find(Uuid $id): ?CalendarLink
    {
        return $this->database->entities()->find(CalendarLink::class, ['gymId' => $this->scope->gymId(), 'id' => $id]);
    }

    /** @throws UnknownRow when this gym has no such address */
    public function get(Uuid $id): CalendarLink
    {
        return $this->find($id) ?? throw UnknownRow::of('calendar address', $id);
    }

    /**
     * @return list<CalendarLink> that hold, the oldest first
     */
    public function all(): array
    {
        /** @var list<CalendarLink> $links */
        $links = $this->database
            ->entities()
            ->createQuery('SELECT l FROM '.CalendarLink::class.' l WHERE l.removedAt IS NULL ORDER BY l.id')
            ->getResult();

        return $links;
    }

    public function add(CalendarLink $link): void
    {
        $this->database->entities()->persist($link);
    }
}
