<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Write;

use Psr\Clock\ClockInterface;
use Symfony\Bridge\Doctrine\Types\UuidType;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Platform\Gym\GymDatabase;
use Zumbo\App\Platform\Job\Chore;

/**
 * Forgets what nobody asks for any more: which writes came before, once no device can still hold them to send again, and
 * what changed further back than a screen is told of.
 */
final readonly class PruneWrites implements Chore
{
    /** A device that was away for longer sends what it kept as something new, or is told that it is there. */
    private const MUTATIONS_DAYS = 180;

    /** Far more than ChangesController lists, or than comes between while an import is written. */
    private const CHANGES = 10_000;

    /** In one statement, so that nobody waits for it. */
    private const AT_ONCE = 5_000;

    public function __construct(private GymDatabase $database, private ClockInterface $clock)
    {
    }

    public function doIt(): void
    {
        // Their ids carry the moment in which they were made.
        $oldest = UuidV7::generate($this->clock->now()->modify('-'.self::MUTATIONS_DAYS.' days'));
        do {
            $gone = $this->database->execute(
                'DELETE FROM mutation WHERE gym_id = :gym AND id < :oldest LIMIT '.self::AT_ONCE,
                ['oldest' => UuidV7::fromString($oldest)],
                ['oldest' => UuidType::NAME],
            );
        } while ($gone >= self::AT_ONCE);
        $row = $this->database->rows('SELECT revision FROM gym WHERE id = :gym')[0] ?? [];
        $before = (is_numeric($row['revision'] ?? null) ? (int) $row['revision'] : 0) - self::CHANGES;
        do {
            $gone = $this->database->execute(
                'DELETE FROM gym_change WHERE gym_id = :gym AND revision < :before LIMIT '.self::AT_ONCE,
                ['before' => max(0, $before)],
            );
        } while ($gone >= self::AT_ONCE);
    }
}
