<?php

declare(strict_types=1);

namespace Zumbo\App\OwnGym\Operate;

use Zumbo\App\Entity\Gym\Role;
use Zumbo\App\Platform\Problem\BadField;

/**
 * A role as it is typed at the command line.
 */
final class TypedRole
{
    /** @throws BadField when it is none */
    public static function of(string $typed): Role
    {
        return Role::tryFrom($typed) ?? throw BadField::of('role', $typed, 'one of owner, coach, helper');
    }
}
