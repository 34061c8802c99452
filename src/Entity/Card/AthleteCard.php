<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Card;

use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\KeptRow;
use Zumbo\App\Entity\Trail\Trailed;
use Zumbo\App\Platform\Gym\BelongsToGym;
use Zumbo\App\Platform\Write\VersionedRow;

/**
 * A private link to one athlete's own card: no account, nobody else's data. It holds until it expires or a coach takes it back.
 * Its secret is made by the device that hands it out and not kept here, only what it is known by.
 */
#[ORM\Entity]
#[ORM\Table(name: 'athlete_card')]
#[ORM\Index(name: 'athlete_card_of', columns: ['gym_id', 'athlete_id'])]
class AthleteCard implements BelongsToGym, VersionedRow, Trailed
{
    use KeptRow;

    /** SHA-256: the secret is long and random, so that nobody can try them all. */
    #[ORM\Column(type: 'binary', length: 32, options: ['fixed' => true])]
    private string $secretHash;

    public function __construct(
        Uuid $gymId,
        Uuid $id,
        #[ORM\Column(type: 'uuid')] private Uuid $athleteId,
        #[ORM\Column(length: 8, enumType: CardHolder::class)] private CardHolder $holder,
        #[\SensitiveParameter] string $secret,
        #[ORM\Column(length: 80)] private string $madeBy,
        #[ORM\Column(type: 'datetime_immutable')] private \DateTimeImmutable $madeAt,
        #[ORM\Column(type: 'datetime_immutable')] private \DateTimeImmutable $expiresAt,
    ) {
        $this->gymId = $gymId;
        $this->id = $id;
        $this->secretHash = hash('sha256', $secret, true);
    }

    public function athleteId(): Uuid
    {
        return $this->athleteId;
    }

    public function holder(): CardHolder
    {
        return $this->holder;
    }

    public function madeBy(): string
    {
        return $this->madeBy;
    }

    public function madeAt(): \DateTimeImmutable
    {
        return $this->madeAt;
    }

    public function expiresAt(): \DateTimeImmutable
    {
        return $this->expiresAt;
    }

    public function isOpenedBy(#[\SensitiveParameter] string $secret): bool
    {
        return hash_equals($this->secretHash, hash('sha256', $secret, true));
    }

    /** From this instant on it opens nothing. */
    public function endsAt(): \DateTimeImmutable
    {
        return null === $this->removedAt ? $this->expiresAt : min($this->removedAt, $this->expiresAt);
    }

    public function holdsAt(\DateTimeImmutable $instant): bool
    {
        return $instant < $this->endsAt();
    }

    public function trailName(): string
    {
        return '';
    }
}
