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
use Zumbo\App\Shared\Access\HashPassword;

/**
 * Makes a gym with its first coach, who owns it.
 */
final readonly class MakeGym
{
    public function __construct(private AllGyms $gyms, private Coaches $coaches, private HashPassword $hash)
    {
    }

    /**
     * @param UuidV7|null             $id    by which it is known from now on; none: a new one
     * @param (callable(): void)|null $guard in the same transaction, first of all; throws when it must not be
     *
     * @throws BadField when there is a gym of that name, or a coach with that e-mail
     */
    public function make(GymInput $gym, CoachInput $first, ?UuidV7 $id = null, ?callable $guard = null): Gym
    {
        if (null !== $this->gyms->called($gym->name())) {
            throw BadField::of('name', $gym->name(), 'a name that no gym here has yet');
        }
        if (null !== $this->coaches->byEmail($first->email())) {
            throw BadField::of('email', $first->email(), 'an e-mail that no coach here has yet');
        }
        $made = new Gym($id ?? new UuidV7(), $gym->name(), $gym->timeZone, $gym->unit());
        $this->gyms->add($made, new Coach(
            $made->id(),
            new UuidV7(),
            $first->email(),
            $first->name(),
            Role::Owner,
            $this->hash->of($first->password),
        ), $guard ?? static fn () => null);

        return $made;
    }
}
