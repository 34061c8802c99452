<?php

declare(strict_types=1);

namespace Zumbo\App\OwnGym\People;

use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Entity\Access\WayIn;
use Zumbo\App\Entity\Access\WaysIn;
use Zumbo\App\Entity\Gym\GymCoaches;
use Zumbo\App\Entity\Gym\Role;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Input\WriteCondition;
use Zumbo\App\Platform\Write\IdempotentWrite;
use Zumbo\App\Platform\Write\Subject;
use Zumbo\App\Shared\CoachName;

/**
 * Makes links by which somebody gets in, and takes them back; each write once.
 */
final readonly class HandOutLinks
{
    public function __construct(
        private WaysIn $links,
        private GymCoaches $coaches,
        private CoachName $name,
        private IdempotentWrite $writes,
        private GymScope $scope,
        private ClockInterface $clock,
    ) {
    }

    /** @return bool true when it is new, false when the same request came before */
    public function invite(UuidV7 $id, InvitationInput $input): bool
    {
        return $this->writes->run($id, Subject::of('invite by', 'gym', $id), $input, fn () => $this->links->add(WayIn::invitation(
            $this->scope->gymId(),
            $id,
            Role::from($input->role),
            trim($input->name),
            $input->secret,
            $this->name->ofCurrent(),
            $this->clock->now(),
        )));
    }

    /** @return bool true when it is new, false when the same request came before */
    public function reset(UuidV7 $id, ResetInput $input): bool
    {
        return $this->writes->run($id, Subject::of('reset by', 'gym', $id), $input, fn () => $this->links->add(WayIn::reset(
            $this->coaches->get(Uuid::fromString($input->coachId)),
            $id,
            $input->secret,
            $this->name->ofCurrent(),
            $this->clock->now(),
        )));
    }

    public function takeBack(UuidV7 $id, WriteCondition $condition): void
    {
        $this->writes->change(
            $condition,
            Subject::of('take back', 'gym', $id),
            null,
            fn (): WayIn => $this->links->get($id),
            fn (WayIn $link) => $link->remove($this->clock->now()),
            LinkView::of(...),
        );
    }
}
