<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Cable;

use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Entity\Ropes\OwnCable;
use Zumbo\App\Entity\Ropes\OwnCables;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Input\WriteCondition;
use Zumbo\App\Platform\Write\IdempotentWrite;
use Zumbo\App\Platform\Write\Subject;

/**
 * Writes down a weighed cable, takes it off the shelf, and undoes that; each write once. Ropes made of it keep it.
 */
final readonly class KeepCable
{
    public function __construct(
        private OwnCables $cables,
        private IdempotentWrite $writes,
        private GymScope $scope,
        private ClockInterface $clock,
    ) {
    }

    /** @return bool true when it is new, false when the same request came before */
    public function add(UuidV7 $id, OwnCableInput $input): bool
    {
        $input->check();

        return $this->writes->run(
            $id,
            Subject::of('add', 'cable', $id),
            $input,
            fn () => $this->cables->add(
                new OwnCable(
                    $this->scope->gymId(),
                    $id,
                    trim($input->name),
                    $input->diameterMm / 1000,
                    $input->pieceM(),
                    $input->grams,
                ),
            ),
        );
    }

    public function remove(UuidV7 $id, WriteCondition $condition): void
    {
        $this->apply($id, $condition, 'remove', fn (OwnCable $cable) => $cable->remove($this->clock->now()));
    }

    public function restore(UuidV7 $id, WriteCondition $condition): void
    {
        $this->apply($id, $condition, 'restore', static fn (OwnCable $cable) => $cable->restore());
    }

    /**
     * @param callable(OwnCable): void $change
     */
    private function apply(UuidV7 $id, WriteCondition $condition, string $verb, callable $change): void
    {
        $this->writes->change(
            $condition,
            Subject::of($verb, 'cable', $id),
            null,
            fn (): OwnCable => $this->cables->get($id),
            $change,
            OwnCableView::of(...),
        );
    }
}
