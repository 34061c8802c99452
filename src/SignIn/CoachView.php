<?php

declare(strict_types=1);

namespace Zumbo\App\SignIn;

use Zumbo\App\Entity\Gym\Coach;
use Zumbo\App\Entity\Gym\Role;

final readonly class CoachView
{
    private function __construct(public string $id, public string $name, public Role $role)
    {
    }

    public static function of(Coach $coach): self
    {
        return new self($coach->id()->toRfc4122(), $coach->name(), $coach->role());
    }
}
