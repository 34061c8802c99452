<?php

declare(strict_types=1);

namespace Zumbo\App\Shared;

use Zumbo\App\Entity\Gym\Coaches;

/**
 * How the signed-in coach is called, for what has to say who did it.
 */
final readonly class CoachName
{
    public function __construct(private Coaches $coaches, private CurrentCoach $coach)
    {
    }

    public function ofCurrent(): string
    {
        return $this->coaches->get($this->coach->id())->name();
    }
}
