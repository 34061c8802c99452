<?php

declare(strict_types=1);

namespace Zumbo\App\SignIn\Own;

use Psr\Clock\ClockInterface;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\PasswordHasher\Hasher\PasswordHasherFactoryInterface;
use Zumbo\App\Entity\Access\WaysIn;
use Zumbo\App\Entity\Gym\Coach;
use Zumbo\App\Entity\Gym\GymCoaches;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\App\Platform\Write\Transaction;
use Zumbo\App\Shared\Access\FewFromOneAddress;
use Zumbo\App\Shared\Access\HashPassword;
use Zumbo\App\Shared\CurrentCoach;
use Zumbo\App\Shared\SignedInCoach;

/**
 * Gives whoever is signed in another password. All their sessions end with the old one; the one that asks goes on as a new one.
 */
final readonly class ChangeOwnPassword
{
    public function __construct(
        private GymCoaches $coaches,
        private CurrentCoach $current,
        private PasswordHasherFactoryInterface $hashers,
        private HashPassword $hash,
        private FewFromOneAddress $few,
        private WaysIn $links,
        private Transaction $transaction,
        private Security $security,
        private ClockInterface $clock,
    ) {
    }

    /** @throws BadField when the password that was typed is not the one that holds */
    public function change(PasswordChangeInput $input, Request $request): void
    {
        $this->few->count($request);
        $hasher = $this->hashers->getPasswordHasher(SignedInCoach::class);
        $changed = $this->transaction->run(function () use ($input, $hasher): Coach {
            $coach = $this->coaches->get($this->current->id());
            if (!$hasher->verify($coach->passwordHash(), $input->current)) {
                throw BadField::of('current', null, 'your password as it is now', 'That is not your password as it is now.');
            }
            $coach->changePassword($this->hash->of($input->password));
            $this->links->closeResets($coach, $this->clock->now());

            return $coach;
        }, 'gym');
        $this->security->login(SignedInCoach::of($changed), 'json_login', 'api');
    }
}
