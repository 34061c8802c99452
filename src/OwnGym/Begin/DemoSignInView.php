<?php

declare(strict_types=1);

namespace Zumbo\App\OwnGym\Begin;

use Zumbo\App\Entity\Gym\DemoCoach;

/**
 * What one signs in to the demo with; published.
 */
final readonly class DemoSignInView
{
    public string $email;
    public string $password;

    public function __construct()
    {
        $this->email = DemoCoach::EMAIL;
        $this->password = DemoCoach::PASSWORD;
    }
}
