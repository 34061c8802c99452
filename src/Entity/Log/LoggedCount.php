<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Log;

use Zumbo\Core\Streak\AttemptEnd;
use Zumbo\Core\Streak\CountedReps;

/**
 * What was counted in one entry, and when it was logged: all that is read of it where a whole log is looked through.
 */
final readonly class LoggedCount
{
    private function __construct(
        public \DateTimeImmutable $loggedAt,
        public AttemptKind $kind,
        public CountedReps $counted,
    ) {
    }

    /**
     * @param array<string, mixed> $row of the attempts: logged_at, kind, reps, misses, ended
     */
    public static function read(array $row): self
    {
        \assert(\is_string($row['logged_at']) && \is_string($row['kind']) && is_numeric($row['reps']) && is_numeric($row['misses']));
        $kind = AttemptKind::from($row['kind']);
        $ended = \is_string($row['ended']) ? AttemptEnd::from($row['ended']) : null;

        return new self(
            new \DateTimeImmutable($row['logged_at'], new \DateTimeZone('UTC')),
            $kind,
            Attempt::asCore($kind, (int) $row['reps'], (int) $row['misses'], $ended, true)->counted,
        );
    }
}
