<?php

declare(strict_types=1);

namespace Zumbo\App\OwnGym\People;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\App\Shared\Access\LinkSecret;

/**
 * Who forgot their password.
 */
final readonly class ResetInput
{
    public function __construct(
        #[Assert\Uuid(versions: [7])] public string $coachId,
        #[\SensitiveParameter] #[Assert\Regex(LinkSecret::PATTERN, message: LinkSecret::FORM)] public string $secret,
    ) {
    }
}
