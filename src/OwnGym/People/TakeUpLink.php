<?php

declare(strict_types=1);

namespace Zumbo\App\OwnGym\People;

use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\Access\WayIn;
use Zumbo\App\Entity\Access\WayInKind;
use Zumbo\App\Entity\Access\WaysIn;
use Zumbo\App\Entity\Gym\Coach;
use Zumbo\App\Entity\Gym\Coaches;
use Zumbo\App\Entity\Gym\GymCoaches;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\App\Platform\Write\Transaction;
use Zumbo\App\Shared\Access\HashPassword;

/**
 * Lets in whoever holds a link, once. Nobody is signed in: the link names the gym, and its secret is the only proof.
 */
final readonly class TakeUpLink
{
    public function __construct(
        private WaysIn $links,
        private Coaches $all,
        private GymCoaches $coaches,
        private Gyms $gyms,
        private HashPassword $hash,
        private GymScope $scope,
        private Transaction $transaction,
        private ClockInterface $clock,
    ) {
    }

    /** @throws DeadLink when it lets nobody in */
    public function look(LinkInput $input): WayInView
    {
        return $this->within($input, function () use ($input): WayInView {
            $link = $this->fitting($input, $this->links->find($input->id()));
            if (!$link->isOpen($this->clock->now())) {
                throw new DeadLink();
            }

            return WayInView::of($link, $this->gyms->current(), $this->whose($link));
        });
    }

    /**
     * @throws DeadLink when it is no open invitation
     * @throws BadField when somebody signs in by that e-mail already
     */
    public function join(JoinInput $input): void
    {
        $id = Uuid::fromString($input->coachId);
        $this->once($input->link, $id, WayInKind::Invitation, function (WayIn $link) use ($input, $id): Uuid {
            if (null !== $this->all->byEmail($input->coach->email())) {
                throw BadField::of('coach.email', $input->coach->email, 'an e-mail that no coach here has yet');
            }
            $hash = $this->hash->of($input->coach->password);
            $this->coaches->add(new Coach($link->gymId(), $id, $input->coach->email(), $input->coach->name(), $link->role(), $hash));

            return $id;
        });
    }

    /** @throws DeadLink when it is no open reset */
    public function reset(NewPasswordInput $input): void
    {
        $this->once($input->link, null, WayInKind::Reset, function (WayIn $link) use ($input): Uuid {
            $coach = $this->whose($link) ?? throw new DeadLink();
            $coach->changePassword($this->hash->of($input->password));

            return $coach->id();
        });
    }

    /**
     * @param Uuid|null             $who  who came by it before, if this is the same request again: nothing is done
     * @param callable(WayIn): Uuid $open lets them in, and says whom
     */
    private function once(LinkInput $input, ?Uuid $who, WayInKind $kind, callable $open): void
    {
        $this->within($input, function () use ($input, $who, $kind, $open): void {
            // Before the gym's writes are held up: whoever guesses gets no further.
            $this->fitting($input, $this->links->find($input->id()));
            $this->transaction->run(function () use ($input, $who, $kind, $open): void {
                $link = $this->fitting($input, $this->links->hold($input->id()));
                if (null !== $who && $link->wasUsedBy($who)) {
                    return;
                }
                if ($kind !== $link->kind() || !$link->isOpen($this->clock->now())) {
                    throw new DeadLink();
                }
                $link->use($open($link), $this->clock->now());
            }, 'gym');
        });
    }

    private function fitting(LinkInput $input, ?WayIn $link): WayIn
    {
        return null !== $link && $link->fits($input->secret) ? $link : throw new DeadLink();
    }

    private function whose(WayIn $link): ?Coach
    {
        return WayInKind::Reset === $link->kind() && null !== $link->coachId() ? $this->coaches->find($link->coachId()) : null;
    }

    /**
     * Whoever is signed in to another gym may hold a link to this one.
     *
     * @template T
     *
     * @param callable(): T $work
     *
     * @return T
     */
    private function within(LinkInput $input, callable $work): mixed
    {
        $this->scope->leave();
        $this->scope->enter($input->gym());

        return $work();
    }
}
