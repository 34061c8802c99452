<?php

declare(strict_types=1);

namespace Zumbo\App\Shared;

use Symfony\Component\Security\Core\User\EquatableInterface;
use Symfony\Component\Security\Core\User\PasswordAuthenticatedUserInterface;
use Symfony\Component\Security\Core\User\UserInterface;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\Gym\Coach;
use Zumbo\App\Entity\Gym\Role;
use Zumbo\App\Platform\Gym\GymMember;

/**
 * Who is signed in, as the session keeps it. Read anew from the database at every request, so that a changed role or
 * password counts at once.
 */
final readonly class SignedInCoach implements UserInterface, PasswordAuthenticatedUserInterface, EquatableInterface, GymMember
{
    private function __construct(
        public Uuid $id,
        private Uuid $gymId,
        public string $email,
        public Role $role,
        private string $passwordHash,
    ) {
    }

    public static function of(Coach $coach): self
    {
        return new self($coach->id(), $coach->gymId(), $coach->email(), $coach->role(), $coach->passwordHash());
    }

    public function gymId(): Uuid
    {
        return $this->gymId;
    }

    public function getRoles(): array
    {
        return [$this->role->authority()];
    }

    /** @return non-empty-string */
    public function getUserIdentifier(): string
    {
        return '' === $this->email ? throw new \LogicException('a coach without e-mail') : $this->email;
    }

    public function getPassword(): string
    {
        return $this->passwordHash;
    }

    public function isEqualTo(UserInterface $user): bool
    {
        return $user instanceof self
            && $user->id->equals($this->id)
            && $user->role === $this->role
            && $user->passwordHash === $this->passwordHash;
    }

    public function eraseCredentials(): void
    {
    }
}
