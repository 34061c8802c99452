<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\People;

use Symfony\Bridge\Doctrine\Types\UuidType;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\Plan\ForgetInPlans;
use Zumbo\App\Platform\Gym\GymDatabase;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Gym\UnknownRow;

/**
 * The athletes of the current gym.
 */
final readonly class Athletes
{
    /** Rows that hang on an athlete and nothing else hangs on. */
    private const THEIRS = [
        'trail',
        'gate_decision',
        'focus_go',
        'focus',
        'attempt',
        'day_sum',
        'stage_days',
        'rope_pin',
        'given_rope',
        'noted_caution',
        'day_stop',
        'attendance',
        'accepted_weeks',
        'calendar_link',
        'card_aside',
        'athlete_card',
        'hall_spot',
        'paced_run',
        'chosen_way',
        'session_effort',
    ];

    public function __construct(private GymDatabase $database, private GymScope $scope, private ForgetInPlans $plans)
    {
    }

    /** @throws UnknownRow when this gym has no such athlete, removed or not */
    public function get(Uuid $id): Athlete
    {
        return $this->find($id) ?? throw UnknownRow::of('athlete', $id);
    }

    /** Null when this gym has no such athlete, removed or not. */
    public function find(Uuid $id): ?Athlete
    {
        return $this->database->entities()->find(Athlete::class, ['gymId' => $this->scope->gymId(), 'id' => $id]);
    }

    /**
     * @param list<Uuid> $ids
     *
     * @return array<string, string> their names by id, removed or not; one query
     */
    public function names(array $ids): array
    {
        $found = $this->database->entities()->getRepository(Athlete::class)->findBy([
            'gymId' => $this->scope->gymId(),
            'id' => array_values(array_unique(array_map(static fn (Uuid $id): string => $id->toBinary(), $ids))),
        ]);
        $names = [];
        foreach ($found as $athlete) {
            $names[$athlete->id()->toRfc4122()] = $athlete->profile()->name;
        }

        return $names;
    }

    /**
     * @return list<Athlete> those not removed, by name
     */
    public function present(): array
    {
        /** @var list<Athlete> $athletes */
        $athletes = $this->database
            ->entities()
            ->createQuery(
                'SELECT a FROM '.Athlete::class.' a WHERE a.removedAt IS NULL ORDER BY a.profile.name, a.id',
            )
            ->getResult();

        return $athletes;
    }

    /**
     * @return list<Athlete> those removed and not forgotten yet, the last first
     */
    public function removed(): array
    {
        /** @var list<Athlete> $athletes */
        $athletes = $this->database
            ->entities()
            ->createQuery('SELECT a FROM '.Athlete::class.' a WHERE a.removedAt IS NOT NULL ORDER BY a.removedAt DESC, a.id')
            ->getResult();

        return $athletes;
    }

    /**
     * @return list<Uuid> whose removal is older than that
     */
    public function removedBefore(\DateTimeImmutable $instant): array
    {
        $rows = $this->database->rows('SELECT id FROM athlete WHERE gym_id = :gym AND removed_at < :instant', [
            'instant' => $instant->format('Y-m-d H:i:s'),
        ]);

        return array_map(
            static fn (array $row): Uuid => Uuid::fromBinary(\is_string($row['id']) ? $row['id'] : ''),
            $rows,
        );
    }

    /**
     * @return list<Athlete> who came along for an evening before that local day and have not joined, removed or not
     */
    public function guestsBefore(\DateTimeImmutable $localDay): array
    {
        /** @var list<Athlete> $guests */
        $guests = $this->database
            ->entities()
            ->createQuery('SELECT a FROM '.Athlete::class.' a WHERE a.guestOn < :day ORDER BY a.id')
            ->setParameter('day', $localDay, 'date_immutable')
            ->getResult();

        return $guests;
    }

    /** For good: the athlete and everything that is kept of them. Their id is noted, so that no older copy brings them back. */
    public function erase(Uuid $id): void
    {
        foreach (self::THEIRS as $table) {
            $this->database->execute(
                "DELETE FROM $table WHERE gym_id = :gym AND athlete_id = :athlete",
                ['athlete' => $id],
                ['athlete' => UuidType::NAME],
            );
        }
        // An entry that went from them to somebody else, or the other way, still names them.
        $this->database->execute(
            'DELETE FROM trail WHERE gym_id = :gym AND changes LIKE :named',
            ['named' => '%"'.$id->toRfc4122().'"%'],
        );
        $this->database->execute(
            'DELETE s FROM practice_set s JOIN practice p ON p.gym_id = s.gym_id AND p.id = s.practice_id
             WHERE s.gym_id = :gym AND p.athlete_id = :athlete',
            ['athlete' => $id],
            ['athlete' => UuidType::NAME],
        );
        $this->plans->of($id);
        foreach (['practice', 'rope', 'stature'] as $table) {
            $this->database->execute(
                "DELETE FROM $table WHERE gym_id = :gym AND athlete_id = :athlete",
                ['athlete' => $id],
                ['athlete' => UuidType::NAME],
            );
        }
        $this->database->entities()->clear();
        $this->database->execute(
            'DELETE FROM athlete WHERE gym_id = :gym AND id = :athlete',
            ['athlete' => $id],
            ['athlete' => UuidType::NAME],
        );
        $this->database->execute(
            'INSERT IGNORE INTO erased (gym_id, id, erased_at) VALUES (:gym, :athlete, UTC_TIMESTAMP())',
            ['athlete' => $id],
            ['athlete' => UuidType::NAME],
        );
    }

    public function add(Athlete $athlete): void
    {
        $this->database->entities()->persist($athlete);
    }
}
