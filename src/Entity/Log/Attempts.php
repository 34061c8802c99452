<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Log;

use Doctrine\DBAL\Types\Types;
use Symfony\Bridge\Doctrine\Types\UuidType;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\Evening\ClassHour;
use Zumbo\App\Entity\People\Athlete;
use Zumbo\App\Platform\Gym\GymDatabase;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Gym\UnknownRow;
use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Stage\Phase;
use Zumbo\Core\Stage\Stage;
use Zumbo\Core\Streak\AttemptEnd;
use Zumbo\Core\Streak\CountedReps;

/**
 * The log of the current gym, and the practices and sets that hold it.
 */
final readonly class Attempts
{
    /** Older entries weigh next to nothing: an entry counts half after 28 days. */
    public const LOOK_BACK = '-180 days';

    public function __construct(private GymDatabase $database, private GymScope $scope)
    {
    }

    /** @throws UnknownRow when this gym has no such attempt, removed or not */
    public function get(Uuid $id): Attempt
    {
        return $this->database->entities()->find(Attempt::class, ['gymId' => $this->scope->gymId(), 'id' => $id]) ??
            throw UnknownRow::of('attempt', $id);
    }

    /** Code of the drill of an entry. */
    public function drillOf(Attempt $attempt): string
    {
        return $this->drillsOf([$attempt])[$attempt->setId()->toRfc4122()] ?? '';
    }

    /**
     * @param list<Attempt> $attempts
     *
     * @return array<string, string> codes of their drills by set id
     */
    public function drillsOf(array $attempts): array
    {
        $sets = $this->database->entities()->getRepository(PracticeSet::class)->findBy([
            'gymId' => $this->scope->gymId(),
            'id' => array_values(array_unique(array_map(static fn (Attempt $one): string => $one->setId()->toBinary(), $attempts))),
        ]);
        $drills = [];
        foreach ($sets as $set) {
            $drills[$set->id->toRfc4122()] = $set->drill;
        }

        return $drills;
    }

    /**
     * @return list<Attempt> of whoever is not removed, since an instant, the newest first
     */
    public function newest(\DateTimeImmutable $from, int $most): array
    {
        /** @var list<Attempt> $attempts */
        $attempts = $this->database
            ->entities()
            ->createQuery(
                'SELECT a FROM '.Attempt::class.' a WHERE a.removedAt IS NULL AND a.loggedAt >= :from AND a.athleteId NOT IN
                 (SELECT r.id FROM '.Athlete::class.' r WHERE r.removedAt IS NOT NULL) ORDER BY a.loggedAt DESC, a.id DESC',
            )
            ->setParameter('from', $from, 'datetime_immutable')
            ->setMaxResults($most)
            ->getResult();

        return $attempts;
    }

    /**
     * @return list<Attempt> of an athlete's present stage, the newest last
     */
    public function newestOfStage(Athlete $athlete, \DateTimeImmutable $from, int $most): array
    {
        /** @var list<Attempt> $attempts */
        $attempts = $this->database
            ->entities()
            ->createQuery(
                'SELECT a FROM '.Attempt::class.' a WHERE a.athleteId = :athlete AND a.stage = :stage
                 AND a.removedAt IS NULL AND a.loggedAt >= :from ORDER BY a.loggedAt DESC, a.id DESC',
            )
            ->setParameter('athlete', $athlete->id(), 'uuid')
            ->setParameter('stage', $athlete->stage()->value)
            ->setParameter('from', $from, 'datetime_immutable')
            ->setMaxResults($most)
            ->getResult();

        return array_reverse($attempts);
    }

    /**
     * @param list<Attempt> $attempts
     *
     * @return list<Attempt> all that stand in the same sets, the oldest first
     */
    public function ofSameSets(array $attempts): array
    {
        $sets = array_values(array_unique(array_map(static fn (Attempt $one): string => $one->setId()->toBinary(), $attempts)));

        return [] === $sets ? [] : $this->database->entities()->getRepository(Attempt::class)->findBy(
            ['gymId' => $this->scope->gymId(), 'setId' => $sets, 'removedAt' => null],
            ['loggedAt' => 'ASC', 'id' => 'ASC'],
        );
    }

    /**
     * @return list<Attempt> that an athlete counted themself, since an instant, the newest first
     */
    public function selfReported(Uuid $athlete, \DateTimeImmutable $from, int $most): array
    {
        /** @var list<Attempt> $attempts */
        $attempts = $this->database
            ->entities()
            ->createQuery(
                'SELECT a FROM '.Attempt::class.' a WHERE a.athleteId = :athlete AND a.selfReported = true
                 AND a.removedAt IS NULL AND a.loggedAt >= :from ORDER BY a.loggedAt DESC, a.id DESC',
            )
            ->setParameter('athlete', $athlete, 'uuid')
            ->setParameter('from', $from, 'datetime_immutable')
            ->setMaxResults($most)
            ->getResult();

        return $attempts;
    }

    /** The most that the same athlete has of the kind at the stage, but for the one that holds the best; 0: nothing else. */
    public function secondBest(Attempt $of, \DateTimeImmutable $from): int
    {
        $row = $this->database->rows(
            'SELECT reps FROM attempt WHERE gym_id = :gym AND athlete_id = :athlete AND logged_at >= :from
             AND stage = :stage AND kind = :kind AND removed_at IS NULL ORDER BY reps DESC LIMIT 1 OFFSET 1',
            [
                'athlete' => $of->athleteId(),
                'from' => $from->format('Y-m-d H:i:s'),
                'stage' => $of->stage()->value,
                'kind' => $of->kind()->value,
            ],
            ['athlete' => UuidType::NAME],
        )[0] ?? [];

        return is_numeric($row['reps'] ?? null) ? (int) $row['reps'] : 0;
    }

    /**
     * @return list<Attempt> the newest last
     */
    public function ofAthlete(Uuid $athlete, \DateTimeImmutable $from): array
    {
        /** @var list<Attempt> $attempts */
        $attempts = $this->database
            ->entities()
            ->createQuery(
                'SELECT a FROM '.
                    Attempt::class.
                    ' a WHERE a.athleteId = :athlete AND a.removedAt IS NULL AND a.loggedAt >= :from ORDER BY a.loggedAt, a.id',
            )
            ->setParameter('athlete', $athlete, 'uuid')
            ->setParameter('from', $from, 'datetime_immutable')
            ->getResult();

        return $attempts;
    }

    /**
     * What was counted at an athlete's present stage, measured as its gate is, however long the log is.
     *
     * @param CountKind|null $measured as what the gate counts; null: whatever was counted
     *
     * @return list<LoggedCount> the newest last
     */
    public function countsOfStage(Athlete $athlete, \DateTimeImmutable $from, ?CountKind $measured): array
    {
        $rows = $this->database->rows(
            'SELECT athlete_id, stage, kind, reps, misses, ended, clean, logged_at FROM attempt
             WHERE gym_id = :gym AND athlete_id = :athlete AND stage = :stage AND removed_at IS NULL AND logged_at >= :from
             ORDER BY logged_at, id',
            ['athlete' => $athlete->id(), 'stage' => $athlete->stage()->value, 'from' => $from],
            ['athlete' => UuidType::NAME, 'from' => Types::DATETIME_IMMUTABLE],
        );
        $counts = [];
        foreach ($rows as $row) {
            $one = LoggedCount::read($row);
            if (null === $measured || $one->entry->countKind === $measured) {
                $counts[] = $one;
            }
        }

        return $counts;
    }

    /**
     * @return list<CountedReps> what the log of the last half year says about an athlete's doubles
     */
    public function countedDoubles(Uuid $athlete, \DateTimeImmutable $now): array
    {
        return self::counted(
            $this->ofAthlete($athlete, $now->modify(self::LOOK_BACK)),
            static fn (Attempt $attempt): bool => $attempt->countsDoubles(),
            $now,
        );
    }

    /**
     * @return list<CountedReps> the same about what the athlete's stage counts: doubles from Link on, before that
     *                           whatever was
     *                           jumped in a row at that stage
     */
    public function countedStreaks(Athlete $athlete, \DateTimeImmutable $now): array
    {
        if (Phase::Linking === $athlete->stage()->phase()) {
            return $this->countedDoubles($athlete->id(), $now);
        }
        $ofStage = static fn (Attempt $attempt): bool => $attempt->stage() === $athlete->stage()
            && CountKind::Streak === $attempt->kind()->countKind();

        return self::counted($this->ofAthlete($athlete->id(), $now->modify(self::LOOK_BACK)), $ofStage, $now);
    }

    /**
     * @return list<array{string, AttemptKind, int, int}> drill, kind, reps and misses of what an athlete did on a local
     *                                                    day
     */
    public function doneOn(Uuid $athlete, \DateTimeImmutable $localDay): array
    {
        $rows = $this->database->rows(
            'SELECT s.drill, a.kind, a.reps, a.misses + IF(a.ended = :miss, 1, 0) AS misses FROM practice p
             JOIN practice_set s ON s.gym_id = p.gym_id AND s.practice_id = p.id
             JOIN attempt a ON a.gym_id = s.gym_id AND a.set_id = s.id
             WHERE p.gym_id = :gym AND p.athlete_id = :athlete AND p.local_day = :day AND a.removed_at IS NULL',
            ['athlete' => $athlete, 'miss' => AttemptEnd::Miss->value, 'day' => $localDay->format('Y-m-d')],
            ['athlete' => UuidType::NAME],
        );

        return array_map(static function (array $row): array {
            \assert(
                \is_string($row['drill'])
                    && \is_string($row['kind'])
                    && is_numeric($row['reps'])
                    && is_numeric($row['misses']),
            );

            return [$row['drill'], AttemptKind::from($row['kind']), (int) $row['reps'], (int) $row['misses']];
        }, $rows);
    }

    /**
     * @return list<array{string, string, int, int}> name, local day, reps and misses of what was done of a drill in these days
     */
    public function doneBetween(string $drill, \DateTimeImmutable $first, \DateTimeImmutable $last): array
    {
        $rows = $this->database->rows(
            'SELECT w.name, p.local_day AS day, a.reps, a.misses FROM practice p
             JOIN athlete w ON w.gym_id = p.gym_id AND w.id = p.athlete_id
             JOIN practice_set s ON s.gym_id = p.gym_id AND s.practice_id = p.id
             JOIN attempt a ON a.gym_id = s.gym_id AND a.set_id = s.id
             WHERE p.gym_id = :gym AND p.local_day BETWEEN :first AND :last AND s.drill = :drill AND a.removed_at IS NULL
             AND w.removed_at IS NULL',
            ['drill' => $drill, 'first' => $first->format('Y-m-d'), 'last' => $last->format('Y-m-d')],
        );

        return array_map(static function (array $row): array {
            \assert(\is_string($row['name']) && \is_string($row['day']));

            return [$row['name'], $row['day'], self::whole($row['reps']), self::whole($row['misses'])];
        }, $rows);
    }

    /**
     * @return list<Attempt> whose ids lie between those two, removed ones too
     */
    public function between(Uuid $first, Uuid $last): array
    {
        /** @var list<Attempt> $attempts */
        $attempts = $this->database
            ->entities()
            ->createQuery('SELECT a FROM '.Attempt::class.' a WHERE a.id BETWEEN :first AND :last ORDER BY a.id')
            ->setParameter('first', $first, UuidType::NAME)
            ->setParameter('last', $last, UuidType::NAME)
            ->getResult();

        return $attempts;
    }

    private static function whole(mixed $value): int
    {
        return is_numeric($value) ? (int) $value : 0;
    }

    /**
     * @param list<Attempt>           $attempts
     * @param callable(Attempt): bool $telling
     *
     * @return list<CountedReps>
     */
    private static function counted(array $attempts, callable $telling, \DateTimeImmutable $now): array
    {
        return array_map(
            static fn (Attempt $attempt): CountedReps => $attempt->toCore($now)->counted,
            array_values(array_filter($attempts, $telling)),
        );
    }

    public function add(Attempt $attempt): void
    {
        $this->database->entities()->persist($attempt);
    }

    /** The set of a drill in an athlete's practice of a local day; made when it is the first of its kind. */
    public function setFor(
        Athlete $athlete,
        string $drill,
        \DateTimeImmutable $localDay,
        \DateTimeImmutable $at,
        ?Stage $stage = null,
    ): PracticeSet {
        $entities = $this->database->entities();
        $gym = $this->scope->gymId();
        $practice = $entities
            ->getRepository(Practice::class)
            ->findOneBy(['athleteId' => $athlete->id(), 'localDay' => $localDay]);
        if (null === $practice) {
            $practice = new Practice($gym, Uuid::v7(), $athlete->id(), $localDay, $at);
            $entities->persist($practice);
        }
        $set = $entities
            ->getRepository(PracticeSet::class)
            ->findOneBy(['practiceId' => $practice->id, 'drill' => $drill]);
        if (null === $set) {
            $set = new PracticeSet($gym, Uuid::v7(), $practice->id, $drill, $stage ?? $athlete->stage());
            $entities->persist($set);
        }

        return $set;
    }

    /** The class of a local day, if there is one. */
    public function classOf(\DateTimeImmutable $localDay): ?ClassHour
    {
        return $this->database
            ->entities()
            ->getRepository(ClassHour::class)
            ->findOneBy(['localDay' => $localDay], ['startsAt' => 'ASC']);
    }
}
