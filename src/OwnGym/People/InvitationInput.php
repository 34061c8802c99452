<?php

declare(strict_types=1);

namespace Zumbo\App\OwnGym\People;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\App\Entity\Gym\Role;
use Zumbo\App\Platform\Input\OneOf;
use Zumbo\App\Shared\Access\LinkSecret;

/**
 * Whom to let in, as what.
 */
final readonly class InvitationInput
{
    public function __construct(
        #[OneOf(Role::class)] public string $role,
        /** What they are called, if it is known. */
        #[Assert\Length(max: 80)] public string $name,
        /** Made by the device, shown there and sent on by whoever invites; known here by its hash only. */
        #[\SensitiveParameter] #[Assert\Regex(LinkSecret::PATTERN, message: LinkSecret::FORM)] public string $secret,
    ) {
    }
}
