<?php

declare(strict_types=1);

namespace Zumbo\App\OwnGym;

use Zumbo\App\Entity\Gym\Coach;
use Zumbo\App\Entity\Gym\GymCoaches;
use Zumbo\App\Entity\Gym\Role;
use Zumbo\App\Platform\Problem\BadField;

/**
 * A gym is never without an owner.
 */
final readonly class LastOwner
{
    public function __construct(private GymCoaches $coaches)
    {
    }

    /**
     * @param string $field by which the coach is named in what was asked
     *
     * @throws BadField when they are the last owner of their gym, and would be none any more
     */
    public function mustStay(Coach $coach, string $field, string $named): void
    {
        if (Role::Owner === $coach->role() && $this->coaches->owners() < 2) {
            throw BadField::of($field, $named, 'another owner first: a gym is never without one');
        }
    }
}
