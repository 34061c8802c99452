<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\People;

use Symfony\Component\Uid\Uuid;
use Zumbo\App\Platform\Gym\GymDatabase;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Gym\UnknownRow;
use Zumbo\Core\Fault\CueCount;
use Zumbo\Core\Fault\CueGo;
use Zumbo\Core\Fault\CueHistory;

/**
 * Goes under a cue, of the current gym's athletes.
 */
final readonly class FocusGoes
{
    public function __construct(private GymDatabase $database, private GymScope $scope)
    {
    }

    /** @throws UnknownRow when this gym has no such go, removed or not */
    public function get(Uuid $id): FocusGo
    {
        return $this->database->entities()->find(FocusGo::class, ['gymId' => $this->scope->gymId(), 'id' => $id])
            ?? throw UnknownRow::of('go', $id);
    }

    /** What is known of cues for this athlete: their own goes, and the counts of the whole gym; two queries. */
    public function historyOf(Uuid $athlete, \DateTimeImmutable $now): CueHistory
    {
        /** @var list<FocusGo> $own */
        $own = $this->database
            ->entities()
            ->createQuery(
                'SELECT g FROM '.FocusGo::class
                    .' g WHERE g.removedAt IS NULL AND g.athleteId = :athlete ORDER BY g.goneAt, g.id',
            )
            ->setParameter('athlete', $athlete, 'uuid')
            ->getResult();

        return CueHistory::of(
            array_map(static fn (FocusGo $go): CueGo => $go->toCore($now), $own),
            $this->counts(),
        );
    }

    public function add(FocusGo $go): void
    {
        $this->database->entities()->persist($go);
    }

    /**
     * @param Uuid|null $athlete null: of everybody
     *
     * @return array<string, CueCount> by the words of the cue
     */
    public function counts(?Uuid $athlete = null): array
    {
        $query = $this->database
            ->entities()
            ->createQuery(
                'SELECT g.cue AS cue, COUNT(g.id) AS goes, SUM(CASE WHEN g.outcome = :better THEN 1 ELSE 0 END) AS better FROM '
                    .FocusGo::class.' g WHERE g.removedAt IS NULL'.(null === $athlete ? '' : ' AND g.athleteId = :athlete')
                    .' GROUP BY g.cue ORDER BY g.cue',
            )
            ->setParameter('better', 'better');
        if (null !== $athlete) {
            $query->setParameter('athlete', $athlete, 'uuid');
        }
        /** @var list<array{cue: string, goes: int|numeric-string, better: int|numeric-string}> $rows */
        $rows = $query->getResult();
        $counts = [];
        foreach ($rows as $row) {
            $counts[$row['cue']] = new CueCount((int) $row['goes'], (int) $row['better']);
        }

        return $counts;
    }
}
