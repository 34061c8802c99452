<?php

declare(strict_types=1);

namespace Zumbo\App\OwnGym\People;

use Symfony\Component\Validator\Constraints as Assert;

/**
 * Who forgot their password.
 */
final readonly class ResetInput
{
    public function __construct(
        #[Assert\Uuid(versions: [7])] public string $coachId,
        #[\SensitiveParameter] #[Assert\Regex(LinkInput::SECRET, message: LinkInput::SECRET_FORM)] public string $secret,
    ) {
    }
}
