<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Trail;

use Psr\Clock\ClockInterface;
use Symfony\Bridge\Doctrine\Types\UuidType;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\Uid\Uuid;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Platform\Gym\GymDatabase;
use Zumbo\App\Platform\Gym\GymMember;
use Zumbo\App\Platform\Gym\GymScope;

/**
 * Who changed what in the current gym, with what stood there before.
 */
final readonly class Trail
{
    private const AT_ONCE = 200;

    public function __construct(
        private GymDatabase $database,
        private GymScope $scope,
        private Security $security,
        private ClockInterface $clock,
    ) {
    }

    /**
     * In the caller's transaction.
     *
     * @param list<TrailNote> $notes
     * @param Uuid|null       $by    a coach; null: who is signed in
     */
    public function add(array $notes, ?Uuid $by = null): void
    {
        foreach (array_chunk($notes, self::AT_ONCE) as $some) {
            $this->insert($some, $by ?? $this->whoIsSignedIn());
        }
    }

    /**
     * @param Uuid|null $before  only what came before that line
     * @param Uuid|null $athlete only what is theirs
     *
     * @return list<TrailLine> the newest first
     */
    public function newest(int $most, ?Uuid $before, ?Uuid $athlete): array
    {
        $query = $this->database
            ->entities()
            ->createQueryBuilder()
            ->select('l')
            ->from(TrailLine::class, 'l')
            ->orderBy('l.id', 'DESC')
            ->setMaxResults($most);
        if (null !== $before) {
            $query->andWhere('l.id < :before')->setParameter('before', $before, UuidType::NAME);
        }
        if (null !== $athlete) {
            $query->andWhere('l.athleteId = :athlete')->setParameter('athlete', $athlete, UuidType::NAME);
        }
        /** @var list<TrailLine> $lines */
        $lines = $query->getQuery()->getResult();

        return $lines;
    }

    /**
     * @return list<TrailLine> of one row, the oldest first
     */
    public function ofRow(string $kind, Uuid $row): array
    {
        return $this->database
            ->entities()
            ->getRepository(TrailLine::class)
            ->findBy(['kind' => $kind, 'rowId' => $row], ['id' => 'ASC']);
    }

    /**
     * @return array<string, string> how the rows that changes point at are called now, by id; removed ones, too
     */
    public function names(): array
    {
        $rows = $this->database->rows(
            'SELECT id, name FROM athlete WHERE gym_id = :gym
             UNION ALL SELECT id, tag FROM rack_rope WHERE gym_id = :gym
             UNION ALL SELECT id, name FROM cable WHERE gym_id = :gym
             UNION ALL SELECT id, name FROM coach WHERE gym_id = :gym',
        );
        $names = [];
        foreach ($rows as ['id' => $id, 'name' => $name]) {
            if (\is_string($id) && \is_string($name)) {
                $names[Uuid::fromBinary($id)->toRfc4122()] = $name;
            }
        }

        return $names;
    }

    /**
     * @param list<TrailNote> $notes at least one
     */
    private function insert(array $notes, ?Uuid $by): void
    {
        $values = ['now' => $this->clock->now()->setTimezone(new \DateTimeZone('UTC'))->format('Y-m-d H:i:s'), 'by' => $by];
        $types = ['by' => UuidType::NAME];
        $rows = [];
        foreach ($notes as $i => $note) {
            $rows[] = "(:gym, :id$i, :now, (SELECT COALESCE(MAX(name), '') FROM coach WHERE gym_id = :gym AND id = :by),
                :athlete$i, :kind$i, :row$i, :name$i, :deed$i, :changes$i, 1)";
            $values += [
                "id$i" => UuidV7::fromString(UuidV7::generate($this->clock->now())),
                "athlete$i" => $note->athlete,
                "kind$i" => $note->kind,
                "row$i" => $note->rowId,
                "name$i" => $note->rowName,
                "deed$i" => $note->deed->value,
                "changes$i" => Changes::written($note->changes),
            ];
            $types += ["id$i" => UuidType::NAME, "athlete$i" => UuidType::NAME, "row$i" => UuidType::NAME];
        }
        $this->database->execute(
            'INSERT INTO trail (gym_id, id, done_at, done_by, athlete_id, kind, row_id, row_name, deed, changes, written_here)
             VALUES '.implode(', ', $rows),
            $values,
            $types,
        );
    }

    private function whoIsSignedIn(): ?Uuid
    {
        $user = $this->scope->isEntered() ? $this->security->getUser() : null;

        return $user instanceof GymMember ? $user->memberId() : null;
    }
}
