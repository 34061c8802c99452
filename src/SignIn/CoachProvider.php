<?php

declare(strict_types=1);

namespace Zumbo\App\SignIn;

use Symfony\Component\PasswordHasher\Hasher\PasswordHasherFactoryInterface;
use Symfony\Component\Security\Core\Exception\UnsupportedUserException;
use Symfony\Component\Security\Core\Exception\UserNotFoundException;
use Symfony\Component\Security\Core\User\UserInterface;
use Symfony\Component\Security\Core\User\UserProviderInterface;
use Zumbo\App\Entity\Gym\CanonicalEmail;
use Zumbo\App\Entity\Gym\Coaches;
use Zumbo\App\Shared\SignedInCoach;

/**
 * Finds coaches by e-mail, in all gyms: at sign-in nobody's gym is known yet.
 *
 * @implements UserProviderInterface<SignedInCoach>
 */
final readonly class CoachProvider implements UserProviderInterface
{
    public function __construct(private Coaches $coaches, private PasswordHasherFactoryInterface $hashers)
    {
    }

    public function loadUserByIdentifier(string $identifier): UserInterface
    {
        $email = CanonicalEmail::of($identifier);
        $coach = $this->coaches->byEmail($email);
        // The database takes letters with and without an accent for the same; we do not.
        if (null === $coach || CanonicalEmail::of($coach->email()) !== $email) {
            // As much work as a known e-mail costs, or the answer's time would tell who has an account.
            $this->hashers->getPasswordHasher(SignedInCoach::class)->hash('nobody');
            throw new UserNotFoundException();
        }

        return SignedInCoach::of($coach);
    }

    public function refreshUser(UserInterface $user): UserInterface
    {
        if (!$user instanceof SignedInCoach) {
            throw new UnsupportedUserException();
        }
        $coach = $this->coaches->byEmail($user->email);

        return null === $coach ? throw new UserNotFoundException() : SignedInCoach::of($coach);
    }

    public function supportsClass(string $class): bool
    {
        return SignedInCoach::class === $class;
    }
}
