<?php

declare(strict_types=1);

namespace Zumbo\App\Shared\Access;

use Symfony\Component\PasswordHasher\Hasher\PasswordHasherFactoryInterface;
use Zumbo\App\Shared\SignedInCoach;

/**
 * As sign-in checks it.
 */
final readonly class HashPassword
{
    public function __construct(private PasswordHasherFactoryInterface $hashers)
    {
    }

    public function of(PasswordInput $input): string
    {
        return $this->hashers->getPasswordHasher(SignedInCoach::class)->hash($input->password);
    }
}
