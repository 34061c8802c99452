<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Path;

use Symfony\Component\Uid\Uuid;
use Zumbo\App\Platform\Gym\GymDatabase;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Gym\UnknownRow;
use Zumbo\Core\Drill\DrillShelf;

/**
 * What the current gym changed of the drill library.
 */
final readonly class OwnDrills
{
    public function __construct(private GymDatabase $database, private GymScope $scope)
    {
    }

    /** @throws UnknownRow when this gym has no such drill, removed or not */
    public function get(Uuid $id): OwnDrill
    {
        return $this->database->entities()->find(OwnDrill::class, ['gymId' => $this->scope->gymId(), 'id' => $id])
            ?? throw UnknownRow::of('drill', $id);
    }

    /**
     * @return list<OwnDrill> not removed, the oldest first
     */
    public function all(): array
    {
        /** @var list<OwnDrill> $drills */
        $drills = $this->database
            ->entities()
            ->createQuery('SELECT d FROM '.OwnDrill::class.' d WHERE d.removedAt IS NULL ORDER BY d.id')
            ->getResult();

        return $drills;
    }

    public function shelf(): DrillShelf
    {
        $hidden = $copies = $own = [];
        foreach ($this->all() as $drill) {
            $replaces = $drill->replaces();
            if (null === $replaces) {
                $own[] = $drill->toCore();
            } elseif ($drill->isHidden()) {
                $hidden[] = $replaces;
            } else {
                $copies[$replaces] = $drill->toCore();
            }
        }

        return new DrillShelf($hidden, $copies, $own);
    }

    public function add(OwnDrill $drill): void
    {
        $this->database->entities()->persist($drill);
    }
}
