<?php

declare(strict_types=1);

namespace Zumbo\App\OwnGym;

use Zumbo\App\Entity\Gym\AllGyms;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\App\Platform\Write\Transaction;

/**
 * Gives a gym another name; its screens hear of it.
 */
final readonly class RenameGym
{
    public function __construct(
        private AllGyms $all,
        private Gyms $gyms,
        private GymScope $scope,
        private Transaction $transaction,
    ) {
    }

    /**
     * @return bool false: none has the old name and one the new, as after the first of two times; nothing was done
     *
     * @throws BadField when there is no such gym, or the new name is no name or another gym's
     */
    public function rename(string $name, string $new): bool
    {
        $gym = $this->all->called($name);
        $named = $this->all->called($new);
        if (null === $gym) {
            return null !== $named ? false : throw UnknownGym::named('name', $name);
        }
        if ('' === $new || mb_strlen($new) > GymInput::LONGEST_NAME) {
            throw BadField::of('newName', $new, \sprintf('1 to %d characters', GymInput::LONGEST_NAME));
        }
        if (null !== $named && !$named->id->equals($gym->id)) {
            throw BadField::of('newName', $new, 'a name that no gym here has yet');
        }
        $this->scope->enter($gym->id);
        $this->transaction->run(fn () => $this->gyms->current()->rename($new), 'gym');

        return true;
    }
}
