<?php

declare(strict_types=1);

namespace Zumbo\App\OwnGym;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\App\Entity\Gym\CanonicalEmail;
use Zumbo\App\Shared\Access\PasswordInput;

/**
 * Who will sign in: by which e-mail, called what, with which password.
 */
final readonly class CoachInput
{
    public function __construct(
        #[Assert\Email(message: 'An e-mail address, like maren@example.org.')]
        #[Assert\Length(min: 3, max: 180)]
        public string $email,
        #[Assert\NotBlank(normalizer: 'trim')] #[Assert\Length(max: 80)] public string $name,
        #[Assert\Valid] public PasswordInput $password,
    ) {
    }

    public function email(): string
    {
        return CanonicalEmail::of($this->email);
    }

    public function name(): string
    {
        return trim($this->name);
    }
}
