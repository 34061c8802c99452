<?php

declare(strict_types=1);

namespace Zumbo\App\SignIn\Own;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\App\Shared\Access\PasswordInput;

final readonly class PasswordChangeInput
{
    public function __construct(
        #[\SensitiveParameter] #[Assert\Length(min: 1, max: 4096)] public string $current,
        #[Assert\Valid] public PasswordInput $password,
    ) {
    }
}
