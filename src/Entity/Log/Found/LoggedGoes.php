<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Log\Found;

use Symfony\Bridge\Doctrine\Types\UuidType;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Platform\Gym\GymDatabase;
use Zumbo\Core\Stage\Stage;
use Zumbo\Core\Streak\AttemptEnd;

/**
 * Single goes of one athlete, as they were logged.
 *
 * @phpstan-type Go array{at: \DateTimeImmutable, stage: Stage, reps: int, end: AttemptEnd}
 */
final readonly class LoggedGoes
{
    public function __construct(private GymDatabase $database)
    {
    }

    /**
     * @return list<Go> since an instant, the oldest first
     */
    public function of(Uuid $athlete, \DateTimeImmutable $from): array
    {
        $goes = [];
        foreach ($this->database->rows(
            'SELECT logged_at, stage, reps, ended FROM attempt WHERE gym_id = :gym AND athlete_id = :athlete AND logged_at >= :from
             AND kind = \'streak\' AND removed_at IS NULL ORDER BY logged_at, id',
            ['athlete' => $athlete, 'from' => $from->format('Y-m-d H:i:s')],
            ['athlete' => UuidType::NAME],
        ) as ['logged_at' => $at, 'stage' => $stage, 'reps' => $reps, 'ended' => $ended]) {
            \assert(\is_string($at) && \is_string($stage) && is_numeric($reps) && \is_string($ended));
            $goes[] = [
                'at' => new \DateTimeImmutable($at, new \DateTimeZone('UTC')),
                'stage' => Stage::from($stage),
                'reps' => (int) $reps,
                'end' => AttemptEnd::from($ended),
            ];
        }

        return $goes;
    }
}
