<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Gym;

/**
 * What somebody may do in a gym: an owner everything, a coach everything but the gym itself, a helper look and log.
 */
enum Role: string
{
    case Owner = 'owner';
    case Coach = 'coach';
    case Helper = 'helper';

    /** The name Symfony's security knows it by. */
    public function authority(): string
    {
        return 'ROLE_'.strtoupper($this->value);
    }

    /** Notes about pain and health are for coaches, not for helpers. */
    public function mayReadHealthNotes(): bool
    {
        return self::Helper !== $this;
    }
}
