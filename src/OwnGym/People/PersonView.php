<?php

declare(strict_types=1);

namespace Zumbo\App\OwnGym\People;

use Zumbo\App\Entity\Gym\Coach;
use Zumbo\App\Entity\Gym\Role;

/**
 * Somebody who may sign in to the gym.
 */
final readonly class PersonView
{
    private function __construct(
        public string $id,
        public string $name,
        public string $email,
        public Role $role,
        public int $version,
    ) {
    }

    public static function of(Coach $coach): self
    {
        return new self($coach->id()->toRfc4122(), $coach->name(), $coach->email(), $coach->role(), $coach->version());
    }
}
