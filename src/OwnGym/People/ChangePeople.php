<?php

declare(strict_types=1);

namespace Zumbo\App\OwnGym\People;

use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Entity\Gym\Coach;
use Zumbo\App\Entity\Gym\GymCoaches;
use Zumbo\App\Entity\Gym\Role;
use Zumbo\App\OwnGym\LastOwner;
use Zumbo\App\Platform\Input\WriteCondition;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\App\Platform\Write\IdempotentWrite;
use Zumbo\App\Platform\Write\Subject;

/**
 * Changes what somebody may do in the gym, or lets them sign in no more; each write once.
 */
final readonly class ChangePeople
{
    public function __construct(private GymCoaches $coaches, private LastOwner $lastOwner, private IdempotentWrite $writes)
    {
    }

    /** @throws BadField when the gym would be left without an owner */
    public function becomes(UuidV7 $id, RoleInput $input, WriteCondition $condition): void
    {
        $this->change('make', $id, $condition, function (Coach $coach) use ($input): void {
            $role = Role::from($input->role);
            if (Role::Owner !== $role) {
                $this->lastOwner->mustStay($coach, 'role', $input->role);
            }
            $coach->becomes($role);
        }, $input);
    }

    /**
     * What they wrote stays, with their name.
     *
     * @throws BadField when the gym would be left without an owner
     */
    public function remove(UuidV7 $id, WriteCondition $condition): void
    {
        $this->change('remove', $id, $condition, function (Coach $coach): void {
            $this->lastOwner->mustStay($coach, 'name', $coach->name());
            $this->coaches->remove($coach);
        });
    }

    /** @param callable(Coach): void $change */
    private function change(string $verb, UuidV7 $id, WriteCondition $condition, callable $change, ?RoleInput $body = null): void
    {
        $this->writes->change(
            $condition,
            Subject::of($verb, 'gym', $id),
            $body,
            fn (): Coach => $this->coaches->get($id),
            $change,
            PersonView::of(...),
        );
    }
}
