<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\SignIn;

use Zumbo\App\Record\Coach;
use Zumbo\App\Record\Role;

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
