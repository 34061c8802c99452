<?php

declare(strict_types=1);

namespace Zumbo\App\OwnGym;

use Symfony\Component\Uid\Uuid;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Entity\Gym\CanonicalEmail;
use Zumbo\App\Entity\Gym\Coach;
use Zumbo\App\Entity\Gym\Coaches;
use Zumbo\App\Entity\Gym\GymCoaches;
use Zumbo\App\Entity\Gym\Role;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\App\Platform\Write\Transaction;

/**
 * The coaches of a gym, as whoever runs the machine may change them: found by e-mail, in whichever gym they are.
 */
final readonly class KeepCoaches
{
    public function __construct(
        private Coaches $all,
        private GymCoaches $coaches,
        private HashPassword $hash,
        private GymScope $scope,
        private Transaction $transaction,
    ) {
    }

    /** @throws BadField when somebody has that e-mail, in this gym or another */
    public function add(Uuid $gym, CoachInput $input): void
    {
        if (null !== $this->all->byEmail($input->email())) {
            throw BadField::of('email', $input->email(), 'an e-mail that no coach here has yet');
        }
        $this->scope->enter($gym);
        $this->transaction->run(fn () => $this->coaches->add(new Coach(
            $gym,
            new UuidV7(),
            $input->email(),
            $input->name(),
            $input->role(),
            $this->hash->of($input->password),
        )), 'gym');
    }

    /** @throws BadField when nobody has that e-mail */
    public function changePassword(string $email, PasswordInput $input): void
    {
        $this->change($email, fn (Coach $coach) => $coach->changePassword($this->hash->of($input)));
    }

    /** @throws BadField when nobody has that e-mail, or a gym would be left without an owner */
    public function becomes(string $email, Role $role): void
    {
        $this->change($email, function (Coach $coach) use ($role): void {
            if (Role::Owner !== $role) {
                $this->needAnotherOwner($coach);
            }
            $coach->becomes($role);
        });
    }

    /** @throws BadField when nobody has that e-mail, or a gym would be left without an owner */
    public function remove(string $email): void
    {
        $this->change($email, function (Coach $coach): void {
            $this->needAnotherOwner($coach);
            $this->coaches->remove($coach);
        });
    }

    /** @param callable(Coach): void $change */
    private function change(string $email, callable $change): void
    {
        $email = CanonicalEmail::of($email);
        $unknown = BadField::of('email', $email, 'the e-mail of a coach here');
        $this->scope->enter($this->all->byEmail($email)?->gymId() ?? throw $unknown);
        $this->transaction->run(fn () => $change($this->coaches->byEmail($email) ?? throw $unknown), 'gym');
    }

    private function needAnotherOwner(Coach $coach): void
    {
        if (Role::Owner === $coach->role() && $this->coaches->owners() < 2) {
            throw BadField::of('email', $coach->email(), 'another owner first: a gym is never without one');
        }
    }
}
