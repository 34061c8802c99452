<?php

declare(strict_types=1);

namespace Zumbo\App\OwnGym\People;

use Zumbo\App\Entity\Access\WayIn;
use Zumbo\App\Entity\Access\WayInKind;
use Zumbo\App\Entity\Gym\Role;

/**
 * A link that somebody was given; what it opens with is not among it.
 */
final readonly class LinkView
{
    private function __construct(
        public string $id,
        public WayInKind $kind,
        public Role $role,
        /** Of whom it is for; perhaps empty. */
        public string $name,
        public string $madeBy,
        public string $expiresAt,
        public int $version,
    ) {
    }

    public static function of(WayIn $link): self
    {
        return new self(
            $link->id()->toRfc4122(),
            $link->kind(),
            $link->role(),
            $link->name(),
            $link->madeBy(),
            $link->expiresAt()->format(\DATE_ATOM),
            $link->version(),
        );
    }
}
