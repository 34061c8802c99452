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
        /** Changes with the password; the hash itself stays out of the session. */
        private string $fingerprint,
    ) {
    }

    public static function of(Coach $coach): self
    {
        return new self(
            $coach->id(),
            $coach->gymId(),
            $coach->email(),
            $coach->role(),
            $coach->passwordHash(),
            hash('sha256', 'zumbo '.$coach->passwordHash()),
        );
    }

    public function gymId(): Uuid
    {
        return $this->gymId;
    }

    public function memberId(): Uuid
    {
        return $this->id;
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
            && hash_equals($this->fingerprint, $user->fingerprint);
    }

    /**
     * @return array{string, string, string, string, string}
     */
    public function __serialize(): array
    {
        return [(string) $this->id, (string) $this->gymId, $this->email, $this->role->value, $this->fingerprint];
    }

    /**
     * @param array{string, string, string, string, string} $kept
     */
    public function __unserialize(array $kept): void
    {
        [$id, $gymId, $this->email, $role, $this->fingerprint] = $kept;
        $this->id = Uuid::fromString($id);
        $this->gymId = Uuid::fromString($gymId);
        $this->role = Role::from($role);
        $this->passwordHash = '';
    }

    public function eraseCredentials(): void
    {
    }
}
