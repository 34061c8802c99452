<?php

declare(strict_types=1);

namespace Zumbo\App\OwnGym\People;

use Zumbo\App\Entity\Access\WayIn;
use Zumbo\App\Entity\Access\WayInKind;
use Zumbo\App\Entity\Gym\Coach;
use Zumbo\App\Entity\Gym\Gym;
use Zumbo\App\Entity\Gym\Role;

/**
 * What a link is for, told to whoever holds it.
 */
final readonly class WayInView
{
    private function __construct(
        public WayInKind $kind,
        public string $gymName,
        public Role $role,
        public string $name,
        public string $madeBy,
        /** Of a reset: by which they sign in. */
        public ?string $email,
    ) {
    }

    /** @param Coach|null $of whose password a reset is for */
    public static function of(WayIn $link, Gym $gym, ?Coach $of): self
    {
        return new self($link->kind(), $gym->name(), $link->role(), $link->name(), $link->madeBy(), $of?->email());
    }
}
