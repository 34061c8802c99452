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
    private const LONGEST = 80;

    public function __construct(
        private AllGyms $all,
        private Gyms $gyms,
        private GymScope $scope,
        private Transaction $transaction,
    ) {
    }

    /** @throws BadField when there is no such gym, or the new name is no name or another gym's */
    public function rename(string $name, string $new): void
    {
        $gym = $this->all->called($name) ?? (null !== $this->all->called($new)
            ? null // it was renamed before
            : throw BadField::of('name', $name, 'the name or the id of a gym: `./zumbo gym list` shows them'));
        if (null === $gym) {
            return;
        }
        if ('' === $new || mb_strlen($new) > self::LONGEST) {
            throw BadField::of('newName', $new, \sprintf('1 to %d characters', self::LONGEST));
        }
        if (!($this->all->called($new)?->id->equals($gym->id) ?? true)) {
            throw BadField::of('newName', $new, 'a name that no gym here has yet');
        }
        $this->scope->enter($gym->id);
        $this->transaction->run(fn () => $this->gyms->current()->rename($new), 'gym');
    }
}
