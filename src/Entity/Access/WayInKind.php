<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Access;

/**
 * What a link lets somebody do.
 */
enum WayInKind: string
{
    /** Sign in to this gym from now on. */
    case Invitation = 'invitation';

    /** Choose a new password, who forgot the old one. */
    case Reset = 'reset';

    /** How long it is good: an invitation waits for somebody's evening, a reset is asked for and done. */
    public function expiresAfter(): string
    {
        return match ($this) {
            self::Invitation => '+7 days',
            self::Reset => '+1 day',
        };
    }
}
