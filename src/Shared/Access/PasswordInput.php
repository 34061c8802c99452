<?php

declare(strict_types=1);

namespace Zumbo\App\Shared\Access;

use Symfony\Component\Validator\Constraints as Assert;

/**
 * A new password, typed twice. Long is enough: no rule about signs and numbers (NIST SP 800-63B, 5.1.1.2 asks for at
 * least eight characters and no such rules).
 */
final readonly class PasswordInput
{
    public const LEAST = 10;

    public function __construct(
        #[\SensitiveParameter] #[Assert\Length(min: self::LEAST, max: 4096)] public string $password,
        #[\SensitiveParameter]
        #[Assert\EqualTo(propertyPath: 'password', message: 'The same password again.')]
        public string $again,
    ) {
    }
}
