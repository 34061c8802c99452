<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Ropes;

use Symfony\Component\Uid\Uuid;
use Zumbo\App\Platform\Gym\GymDatabase;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Gym\UnknownRow;

/**
 * The cables the current gym has weighed itself.
 */
final readonly class OwnCables
{
    public function __construct(private GymDatabase $database, private GymScope $scope)
    {
    }

    /** @throws UnknownRow when this gym has no such cable, removed or not */
    public function get(Uuid $id): OwnCable
    {
        return $this->find($id) ?? throw UnknownRow::of('cable', $id);
    }

    public function find(Uuid $id): ?OwnCable
    {
        return $this->database->entities()->find(OwnCable::class, ['gymId' => $this->scope->gymId(), 'id' => $id]);
    }

    /**
     * @return list<OwnCable> those not removed, by name
     */
    public function present(): array
    {
        /** @var list<OwnCable> $cables */
        $cables = $this->database
            ->entities()
            ->createQuery('SELECT c FROM '.OwnCable::class.' c WHERE c.removedAt IS NULL ORDER BY c.name, c.id')
            ->getResult();

        return $cables;
    }

    public function add(OwnCable $cable): void
    {
        $this->database->entities()->persist($cable);
    }
}
