<?php

declare(strict_types=1);

namespace Zumbo\App\SignIn;

use Symfony\Component\Validator\Constraints as Assert;

final readonly class SignInInput
{
    public function __construct(
        #[Assert\Length(min: 3, max: 180)] public string $email,
        #[Assert\Length(min: 1, max: 4096)] public string $password,
    ) {
    }
}
