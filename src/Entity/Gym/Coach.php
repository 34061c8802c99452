<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Gym;

use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\Trail\Trailed;
use Zumbo\App\Platform\Write\VersionedRow;

/**
 * Somebody who signs in. Found by e-mail across all gyms, so its rows are not filtered by gym.
 */
#[ORM\Entity]
#[ORM\Table(name: 'coach')]
#[ORM\UniqueConstraint(name: 'coach_email', columns: ['email'])]
class Coach implements VersionedRow, Trailed
{
    #[ORM\Version]
    #[ORM\Column(type: 'integer', options: ['default' => 1])]
    private int $version = 1;

    public function __construct(
        #[ORM\Id] #[ORM\Column(type: 'uuid')] private Uuid $gymId,
        #[ORM\Id] #[ORM\Column(type: 'uuid')] private Uuid $id,
        #[ORM\Column(length: 180)] private string $email,
        #[ORM\Column(length: 80)] private string $name,
        #[ORM\Column(length: 8, enumType: Role::class)] private Role $role,
        #[ORM\Column(length: 255)] private string $passwordHash,
    ) {
    }

    public function gymId(): Uuid
    {
        return $this->gymId;
    }

    public function id(): Uuid
    {
        return $this->id;
    }

    public function email(): string
    {
        return $this->email;
    }

    public function name(): string
    {
        return $this->name;
    }

    public function role(): Role
    {
        return $this->role;
    }

    public function version(): int
    {
        return $this->version;
    }

    public function passwordHash(): string
    {
        return $this->passwordHash;
    }

    /** Ends every session of theirs: what a session keeps is compared at each request. */
    public function changePassword(string $hash): void
    {
        $this->passwordHash = $hash;
    }

    public function becomes(Role $role): void
    {
        $this->role = $role;
    }

    public function trailName(): string
    {
        return $this->name;
    }
}
