<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Fake;

use Symfony\Component\PasswordHasher\Hasher\PasswordHasherAwareInterface;
use Symfony\Component\PasswordHasher\Hasher\PasswordHasherFactoryInterface;
use Symfony\Component\PasswordHasher\PasswordHasherInterface;
use Symfony\Component\Security\Core\User\PasswordAuthenticatedUserInterface;

/**
 * The real hashers, counting how many passwords were hashed.
 */
final class CountingHasherFactory implements PasswordHasherFactoryInterface, PasswordHasherInterface
{
    public int $hashed = 0;
    private ?PasswordHasherInterface $hasher = null;

    public function __construct(private readonly PasswordHasherFactoryInterface $real)
    {
    }

    /**
     * @param string|PasswordAuthenticatedUserInterface|PasswordHasherAwareInterface $user
     */
    public function getPasswordHasher($user): PasswordHasherInterface
    {
        $this->hasher = $this->real->getPasswordHasher($user);

        return $this;
    }

    public function hash(#[\SensitiveParameter] string $plainPassword): string
    {
        ++$this->hashed;

        return $this->hasher?->hash($plainPassword) ?? throw new \LogicException('no hasher chosen');
    }

    public function verify(string $hashedPassword, #[\SensitiveParameter] string $plainPassword): bool
    {
        return $this->hasher?->verify($hashedPassword, $plainPassword) ?? false;
    }

    public function needsRehash(string $hashedPassword): bool
    {
        return $this->hasher?->needsRehash($hashedPassword) ?? false;
    }
}
