<?php

declare(strict_types=1);

namespace Zumbo\App\OwnGym;

use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Entity\Access\WayIn;
use Zumbo\App\Entity\Access\WaysIn;
use Zumbo\App\Entity\Gym\CanonicalEmail;
use Zumbo\App\Entity\Gym\Coach;
use Zumbo\App\Entity\Gym\Coaches;
use Zumbo\App\Entity\Gym\GymCoaches;
use Zumbo\App\Entity\Gym\Role;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\App\Platform\Write\Transaction;
use Zumbo\App\Shared\Access\HashPassword;
use Zumbo\App\Shared\Access\PasswordInput;

/**
 * The coaches of a gym, as whoever runs the machine may change them: found by e-mail, in whichever gym they are.
 */
final readonly class KeepCoaches
{
    public function __construct(
        private Coaches $all,
        private GymCoaches $coaches,
        private LastOwner $lastOwner,
        private HashPassword $hash,
        private GymScope $scope,
        private WaysIn $links,
        private Transaction $transaction,
        private ClockInterface $clock,
    ) {
    }

    /** @throws BadField when somebody has that e-mail, in this gym or another */
    public function add(Uuid $gym, CoachInput $input, Role $role): void
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
            $role,
            $this->hash->of($input->password),
        )), 'gym');
    }

    /** @throws BadField when nobody has that e-mail */
    public function changePassword(string $email, PasswordInput $input): void
    {
        $this->change($email, function (Coach $coach) use ($input): void {
            $coach->changePassword($this->hash->of($input));
            $this->links->closeResets($coach, $this->clock->now());
        });
    }

    /**
     * @return string what the link to a new password ends with, behind the address of the app; told only now
     *
     * @throws BadField when nobody has that e-mail
     */
    public function resetLink(string $email): string
    {
        $id = new UuidV7();
        $secret = rtrim(strtr(base64_encode(random_bytes(24)), '+/', '-_'), '=');
        $gym = null;
        $this->change($email, function (Coach $coach) use ($id, $secret, &$gym): void {
            $gym = $coach->gymId();
            $this->links->add(WayIn::reset($coach, $id, $secret, 'whoever runs the machine', $this->clock->now()));
        });

        return \sprintf('/join#%s.%s.%s', $gym?->toRfc4122() ?? '', $id->toRfc4122(), $secret);
    }

    /** @throws BadField when nobody has that e-mail, or a gym would be left without an owner */
    public function becomes(string $email, Role $role): void
    {
        $this->change($email, function (Coach $coach) use ($role): void {
            if (Role::Owner !== $role) {
                $this->lastOwner->mustStay($coach, 'email', $coach->email());
            }
            $coach->becomes($role);
        });
    }

    /** @throws BadField when nobody has that e-mail, or a gym would be left without an owner */
    public function remove(string $email): void
    {
        $this->change($email, function (Coach $coach): void {
            $this->lastOwner->mustStay($coach, 'email', $coach->email());
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
}
