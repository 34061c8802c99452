<?php

declare(strict_types=1);

namespace Zumbo\App\OwnGym\People;

use Zumbo\App\Entity\Gym\Role;
use Zumbo\App\Platform\Input\OneOf;

final readonly class RoleInput
{
    public function __construct(#[OneOf(Role::class)] public string $role)
    {
    }
}
