<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Gym;

use Symfony\Component\Uid\Uuid;

/**
 * Somebody who signs in and works in one gym.
 */
interface GymMember
{
    public function gymId(): Uuid;

    public function memberId(): Uuid;
}
