<?php

declare(strict_types=1);

namespace Zumbo\App\OwnGym;

use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Entity\Gym\AllGyms;
use Zumbo\App\Entity\Gym\Coach;
use Zumbo\App\Entity\Gym\Coaches;
use Zumbo\App\Entity\Gym\Gym;
use Zumbo\App\Entity\Gym\Role;
use Zumbo\App\Platform\Problem\BadField;

/**
 * Makes a gym with its first coach, who owns it.
 */
final readonly class MakeGym
{
    public function __construct(private AllGyms $gyms, private Coaches $coaches, private HashPassword $hash)
    {
    }

    /**
     * @throws BadField when there is a gym of that name, or a coach with that e-mail
     */
    public function make(GymInput $gym, CoachInput $first): Gym
    {
        if (null !== $this->gyms->called($gym->name())) {
            throw BadField::of('name', $gym->name(), 'a name that no gym here has yet');
        }
        if (null !== $this->coaches->byEmail($first->email())) {
            throw BadField::of('email', $first->email(), 'an e-mail that no coach here has yet');
        }
        $made = new Gym(new UuidV7(), $gym->name(), $gym->timeZone, $gym->unit());
        $this->gyms->add($made, new Coach(
            $made->id(),
            new UuidV7(),
            $first->email(),
            $first->name(),
            Role::Owner,
            $this->hash->of($first->password),
        ));

        return $made;
    }
}
