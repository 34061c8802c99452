<?php

declare(strict_types=1);

namespace Zumbo\App\Planner\Weeks;

use Symfony\Component\Uid\Uuid;
use Symfony\Component\Validator\Constraints as Assert;

/**
 * Whose weeks are accepted.
 */
final readonly class AcceptWeeksInput
{
    public function __construct(#[Assert\Uuid] public string $athleteId)
    {
    }

    public function athlete(): Uuid
    {
        return Uuid::fromString($this->athleteId);
    }
}
