<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Access;

use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\Gym\Coach;
use Zumbo\App\Entity\Gym\Role;
use Zumbo\App\Entity\KeptRow;
use Zumbo\App\Entity\Trail\Trailed;
use Zumbo\App\Platform\Gym\BelongsToGym;
use Zumbo\App\Platform\Write\VersionedRow;

/**
 * A link that lets one person in, once: an invitation to the gym, or a way to a new password. Its secret is made by whoever
 * hands it out and not kept here, only what it is known by.
 */
#[ORM\Entity]
#[ORM\Table(name: 'way_in')]
class WayIn implements BelongsToGym, VersionedRow, Trailed
{
    use KeptRow;

    #[ORM\Column(type: 'datetime_immutable', nullable: true)]
    private ?\DateTimeImmutable $usedAt = null;

    private function __construct(
        Uuid $gymId,
        Uuid $id,
        #[ORM\Column(length: 10, enumType: WayInKind::class)] private WayInKind $kind,
        #[ORM\Column(length: 8, enumType: Role::class)] private Role $role,
        #[ORM\Column(length: 80)] private string $name,
        /** SHA-256: the secret is long and random, so that nobody can try them all. */
        #[ORM\Column(type: 'binary', length: 32, options: ['fixed' => true])] private string $secretHash,
        #[ORM\Column(length: 80)] private string $madeBy,
        #[ORM\Column(type: 'datetime_immutable')] private \DateTimeImmutable $expiresAt,
        /** Of a reset: whose password. Of an invitation: who came by it. */
        #[ORM\Column(type: 'uuid', nullable: true)] private ?Uuid $coachId,
    ) {
        $this->gymId = $gymId;
        $this->id = $id;
    }

    /** @param string $name of whom it is for; may be empty */
    public static function invitation(
        Uuid $gym,
        Uuid $id,
        Role $role,
        string $name,
        #[\SensitiveParameter] string $secret,
        string $madeBy,
        \DateTimeImmutable $now,
    ): self {
        $kind = WayInKind::Invitation;

        return new self($gym, $id, $kind, $role, $name, self::hash($secret), $madeBy, $now->modify($kind->expiresAfter()), null);
    }

    public static function reset(
        Coach $of,
        Uuid $id,
        #[\SensitiveParameter] string $secret,
        string $madeBy,
        \DateTimeImmutable $now,
    ): self {
        $kind = WayInKind::Reset;
        $until = $now->modify($kind->expiresAfter());

        return new self($of->gymId(), $id, $kind, $of->role(), $of->name(), self::hash($secret), $madeBy, $until, $of->id());
    }

    public function kind(): WayInKind
    {
        return $this->kind;
    }

    public function role(): Role
    {
        return $this->role;
    }

    public function name(): string
    {
        return $this->name;
    }

    public function madeBy(): string
    {
        return $this->madeBy;
    }

    public function expiresAt(): \DateTimeImmutable
    {
        return $this->expiresAt;
    }

    public function coachId(): ?Uuid
    {
        return $this->coachId;
    }

    public function fits(#[\SensitiveParameter] string $secret): bool
    {
        return hash_equals($this->secretHash, self::hash($secret));
    }

    /** Neither used nor taken back, and not too old. */
    public function isOpen(\DateTimeImmutable $now): bool
    {
        return null === $this->usedAt && !$this->isRemoved() && $now < $this->expiresAt;
    }

    public function use(Uuid $coach, \DateTimeImmutable $now): void
    {
        $this->coachId = $coach;
        $this->usedAt = $now;
    }

    public function wasUsedBy(Uuid $coach): bool
    {
        return null !== $this->usedAt && true === $this->coachId?->equals($coach);
    }

    private static function hash(#[\SensitiveParameter] string $secret): string
    {
        return hash('sha256', $secret, true);
    }

    public function trailName(): string
    {
        return $this->name;
    }
}
