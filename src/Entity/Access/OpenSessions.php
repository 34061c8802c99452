<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Access;

use Symfony\Bridge\Doctrine\Types\UuidType;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Platform\Gym\GymDatabase;
use Zumbo\App\Platform\Gym\GymScope;

/**
 * Where the coaches of the current gym are signed in. A session itself belongs to no gym and knows nobody; this ties the two.
 */
final readonly class OpenSessions
{
    public function __construct(private GymDatabase $database, private GymScope $scope)
    {
    }

    /** A session begins, or goes on after signing in anew; what is known of those that have ended goes. */
    public function begin(Uuid $id, Uuid $coach, string $sessionId, string $device, \DateTimeImmutable $now): void
    {
        $this->database->execute(
            'DELETE FROM signed_in_device WHERE gym_id = :gym AND coach_id = :coach
             AND (session_id = :session OR session_id NOT IN (SELECT sess_id FROM sessions WHERE sess_lifetime > :now))',
            ['coach' => $coach, 'session' => $sessionId, 'now' => $now->getTimestamp()],
            ['coach' => UuidType::NAME],
        );
        $manager = $this->database->entities();
        $manager->persist(new SignedInDevice($this->scope->gymId(), $id, $coach, $sessionId, $device, $now));
        $manager->flush();
    }

    /**
     * @return list<OpenSession> of one coach, the last used first
     */
    public function of(Uuid $coach, \DateTimeImmutable $now): array
    {
        $rows = $this->database->rows(
            'SELECT d.id, d.session_id, d.device, d.signed_in_at, s.sess_time FROM signed_in_device d
             JOIN sessions s ON s.sess_id = d.session_id
             WHERE d.gym_id = :gym AND d.coach_id = :coach AND s.sess_lifetime > :now ORDER BY s.sess_time DESC, d.id DESC',
            ['coach' => $coach, 'now' => $now->getTimestamp()],
            ['coach' => UuidType::NAME],
        );
        $text = static fn (mixed $one): string => \is_string($one) ? $one : '';

        return array_map(static fn (array $row): OpenSession => new OpenSession(
            Uuid::fromBinary($text($row['id'])),
            $text($row['session_id']),
            $text($row['device']),
            new \DateTimeImmutable($text($row['signed_in_at']), new \DateTimeZone('UTC')),
            new \DateTimeImmutable('@'.(is_numeric($row['sess_time']) ? (int) $row['sess_time'] : 0)),
        ), $rows);
    }

    /** Whoever asks with it next is signed out. */
    public function end(OpenSession $session): void
    {
        $this->database->execute(
            'DELETE s FROM sessions s JOIN signed_in_device d ON d.session_id = s.sess_id WHERE d.gym_id = :gym AND d.id = :id',
            ['id' => $session->id],
            ['id' => UuidType::NAME],
        );
        $this->database->execute(
            'DELETE FROM signed_in_device WHERE gym_id = :gym AND id = :id',
            ['id' => $session->id],
            ['id' => UuidType::NAME],
        );
    }
}
