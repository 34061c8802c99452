<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Log\Found;

use Symfony\Bridge\Doctrine\Types\UuidType;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\Log\Attempt;
use Zumbo\App\Entity\Log\Attempts;
use Zumbo\App\Platform\Gym\GymDatabase;
use Zumbo\Core\Rhythm\HeardBeat;
use Zumbo\Core\Stage\Stage;

/**
 * The beats of the takes that were logged of one athlete.
 *
 * @phpstan-type Heard array{at: \DateTimeImmutable, stage: Stage, drill: string, beat: HeardBeat}
 */
final readonly class LoggedBeats
{
    public function __construct(private GymDatabase $database, private Attempts $attempts)
    {
    }

    /**
     * @return list<Heard> since an instant, the oldest first
     */
    public function of(Uuid $athlete, \DateTimeImmutable $from): array
    {
        /** @var list<Attempt> $heard */
        $heard = $this->database
            ->entities()
            ->createQuery(
                'SELECT a FROM '.Attempt::class.' a WHERE a.athleteId = :athlete AND a.loggedAt >= :from
                 AND a.cadencePerMin IS NOT NULL AND a.removedAt IS NULL ORDER BY a.loggedAt, a.id',
            )
            ->setParameter('athlete', $athlete, UuidType::NAME)
            ->setParameter('from', $from, 'datetime_immutable')
            ->getResult();
        $drills = $this->attempts->drillsOf($heard);
        $beats = [];
        foreach ($heard as $attempt) {
            $beat = $attempt->beat();
            if (null !== $beat) {
                $beats[] = [
                    'at' => $attempt->loggedAt(),
                    'stage' => $attempt->stage(),
                    'drill' => $drills[$attempt->setId()->toRfc4122()] ?? '',
                    'beat' => $beat,
                ];
            }
        }

        return $beats;
    }
}
