<?php

declare(strict_types=1);

namespace Zumbo\App\OwnGym\People;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\App\Shared\Access\PasswordInput;

/**
 * A new password by a reset link.
 */
final readonly class NewPasswordInput
{
    public function __construct(
        #[Assert\Valid] public LinkInput $link,
        #[Assert\Valid] public PasswordInput $password,
    ) {
    }
}
