<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\People;

use Symfony\Component\Uid\Uuid;
use Zumbo\App\Platform\Gym\GymDatabase;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Gym\UnknownRow;

/**
 * What the athletes of the current gym work on.
 */
final readonly class Focuses
{
    /** An older focus is forgotten: what was seen a month ago has to be seen again (our assumption). */
    private const HOLDS = '-28 days';

    public function __construct(private GymDatabase $database, private GymScope $scope)
    {
    }

    /** @throws UnknownRow when this gym has no such focus, removed or not */
    public function get(Uuid $id): Focus
    {
        return $this->database->entities()->find(Focus::class, ['gymId' => $this->scope->gymId(), 'id' => $id]) ??
            throw UnknownRow::of('focus', $id);
    }

    /**
     * @return array<string, Focus> the focus of each athlete who has one, by athlete id; one query
     */
    public function current(\DateTimeImmutable $now): array
    {
        /** @var list<Focus> $focuses */
        $focuses = $this->database
            ->entities()
            ->createQuery(
                'SELECT f FROM '.
                    Focus::class.
                    ' f WHERE f.removedAt IS NULL AND f.givenAt >= :from ORDER BY f.givenAt, f.id',
            )
            ->setParameter('from', $now->modify(self::HOLDS), 'datetime_immutable')
            ->getResult();
        $current = [];
        foreach ($focuses as $focus) {
            $current[$focus->athleteId()->toRfc4122()] = $focus;
        }

        return $current;
    }

    public function add(Focus $focus): void
    {
        $this->database->entities()->persist($focus);
    }
}
