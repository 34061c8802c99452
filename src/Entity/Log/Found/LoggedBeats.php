<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Log\Found;

use Symfony\Bridge\Doctrine\Types\UuidType;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Platform\Gym\GymDatabase;
use Zumbo\Core\Rhythm\HeardBeat;
use Zumbo\Core\Stage\Stage;

/**
 * The beats of the takes that were logged of one athlete.
 *
 * @phpstan-type Heard array{at: \DateTimeImmutable, stage: Stage, beat: HeardBeat}
 */
final readonly class LoggedBeats
{
    public function __construct(private GymDatabase $database)
    {
    }

    /**
     * @return list<Heard> since an instant, the oldest first
     */
    public function of(Uuid $athlete, \DateTimeImmutable $from): array
    {
        $beats = [];
        foreach ($this->database->rows(
            'SELECT logged_at, stage, cadence_per_min, variation FROM attempt WHERE gym_id = :gym AND athlete_id = :athlete
             AND logged_at >= :from AND cadence_per_min IS NOT NULL AND variation IS NOT NULL AND removed_at IS NULL
             ORDER BY logged_at, id',
            ['athlete' => $athlete, 'from' => $from->format('Y-m-d H:i:s')],
            ['athlete' => UuidType::NAME],
        ) as ['logged_at' => $at, 'stage' => $stage, 'cadence_per_min' => $cadence, 'variation' => $variation]) {
            \assert(\is_string($at) && \is_string($stage) && is_numeric($cadence) && is_numeric($variation));
            $beats[] = [
                'at' => new \DateTimeImmutable($at, new \DateTimeZone('UTC')),
                'stage' => Stage::from($stage),
                'beat' => new HeardBeat((float) $cadence, (float) $variation),
            ];
        }

        return $beats;
    }
}
