<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Gym;

use Zumbo\App\Platform\Gym\GymDatabase;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Gym\UnknownRow;

final readonly class Gyms
{
    public function __construct(private GymDatabase $database, private GymScope $scope)
    {
    }

    public function current(): Gym
    {
        $id = $this->scope->gymId();

        return $this->database->entities()->find(Gym::class, $id) ?? throw UnknownRow::of('gym', $id);
    }
}
