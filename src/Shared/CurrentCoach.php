<?php

declare(strict_types=1);

namespace Zumbo\App\Shared;

use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\Gym\Role;

/**
 * The signed-in coach of this request.
 */
final readonly class CurrentCoach
{
    public function __construct(private Security $security)
    {
    }

    /** @throws \LogicException on a route that anybody may call */
    public function role(): Role
    {
        return $this->coach()->role;
    }

    /** @throws \LogicException on a route that anybody may call */
    public function id(): Uuid
    {
        return $this->coach()->id;
    }

    private function coach(): SignedInCoach
    {
        $user = $this->security->getUser();

        return $user instanceof SignedInCoach ? $user : throw new \LogicException('nobody is signed in');
    }
}
