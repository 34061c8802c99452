<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Log;

use Symfony\Component\Uid\Uuid;
use Zumbo\Core\Path\Entry;
use Zumbo\Core\Stage\Stage;
use Zumbo\Core\Streak\AttemptEnd;

/**
 * What was counted in one entry, and when it was logged: all that is read of it where many entries are looked through.
 */
final readonly class LoggedCount
{
    private function __construct(
        /** Id. */
        public string $athlete,
        public Stage $stage,
        public AttemptKind $kind,
        public \DateTimeImmutable $loggedAt,
        public Entry $entry,
    ) {
    }

    /**
     * @param array<string, mixed> $row of the attempts: athlete_id, stage, kind, reps, misses, ended, clean, logged_at
     */
    public static function read(array $row): self
    {
        \assert(
            \is_string($row['athlete_id']) && \is_string($row['stage']) && \is_string($row['kind'])
            && is_numeric($row['reps']) && is_numeric($row['misses']) && \is_string($row['logged_at']),
        );
        $kind = AttemptKind::from($row['kind']);

        return new self(
            Uuid::fromBinary($row['athlete_id'])->toRfc4122(),
            Stage::from($row['stage']),
            $kind,
            new \DateTimeImmutable($row['logged_at'], new \DateTimeZone('UTC')),
            Attempt::asCore(
                $kind,
                (int) $row['reps'],
                (int) $row['misses'],
                \is_string($row['ended']) ? AttemptEnd::from($row['ended']) : null,
                \in_array($row['clean'], [1, '1', true], true),
            ),
        );
    }
}
