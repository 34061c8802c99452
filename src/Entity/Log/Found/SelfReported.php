<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Log\Found;

use Symfony\Component\Uid\Uuid;
use Zumbo\App\Platform\Gym\GymDatabase;

/**
 * How much athletes counted on their own cards.
 */
final readonly class SelfReported
{
    public function __construct(private GymDatabase $database)
    {
    }

    /**
     * @return array<string, int> entries since an instant, by athlete id
     */
    public function since(\DateTimeImmutable $from): array
    {
        $counts = [];
        foreach ($this->database->rows(
            'SELECT athlete_id, COUNT(*) AS entries FROM attempt WHERE gym_id = :gym AND logged_at >= :from AND self_reported = 1
             AND removed_at IS NULL GROUP BY athlete_id',
            ['from' => $from->format('Y-m-d H:i:s')],
        ) as ['athlete_id' => $athlete, 'entries' => $entries]) {
            \assert(\is_string($athlete) && is_numeric($entries));
            $counts[Uuid::fromBinary($athlete)->toRfc4122()] = (int) $entries;
        }

        return $counts;
    }
}
