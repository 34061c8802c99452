<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Rack;

use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Entity\Ropes\Inspection;
use Zumbo\App\Entity\Ropes\Rack;
use Zumbo\App\Entity\Ropes\RackRope;
use Zumbo\App\Platform\Clock\LocalDay;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Input\WriteCondition;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\App\Platform\Write\IdempotentWrite;
use Zumbo\App\Platform\Write\Subject;
use Zumbo\App\Shared\InspectionInput;

/**
 * Hangs shared ropes on the rack, changes, inspects and takes them off, and undoes that; each write once.
 */
final readonly class KeepRack
{
    public function __construct(
        private Rack $rack,
        private ShowRack $show,
        private Gyms $gyms,
        private IdempotentWrite $writes,
        private GymScope $scope,
        private ClockInterface $clock,
    ) {
    }

    /** @return bool true when it is new, false when the same request came before */
    public function hang(UuidV7 $id, RackRopeInput $input): bool
    {
        return $this->writes->run($id, Subject::of('hang', 'rack', $id), $input, function () use ($id, $input): void {
            $this->refuseTaken($id, $input->tag());
            $this->rack->add(
                new RackRope(
                    $this->scope->gymId(),
                    $id,
                    $input->tag(),
                    $input->cableM(),
                    $input->handleM(),
                    $input->family(),
                    $input->keptBack,
                ),
            );
        });
    }

    public function change(UuidV7 $id, RackRopeInput $input, WriteCondition $condition): void
    {
        $this->apply($id, $condition, 'change', $input, function (RackRope $rope) use ($id, $input): void {
            $this->refuseTaken($id, $input->tag());
            $rope->change($input->tag(), $input->cableM(), $input->handleM(), $input->family(), $input->keptBack);
        });
    }

    public function inspect(UuidV7 $id, InspectionInput $input, WriteCondition $condition): void
    {
        $this->apply(
            $id,
            $condition,
            'inspect',
            $input,
            fn (RackRope $rope) => $rope->inspect(
                Inspection::of(LocalDay::of($this->clock->now(), $this->gyms->current()->timeZone()), $input->points()),
            ),
        );
    }

    public function remove(UuidV7 $id, WriteCondition $condition): void
    {
        $this->apply($id, $condition, 'remove', null, fn (RackRope $rope) => $rope->remove($this->clock->now()));
    }

    public function restore(UuidV7 $id, WriteCondition $condition): void
    {
        $this->apply($id, $condition, 'restore', null, function (RackRope $rope) use ($id): void {
            $this->refuseTaken($id, $rope->tag());
            $rope->restore();
        });
    }

    private function refuseTaken(UuidV7 $id, string $tag): void
    {
        foreach ($this->rack->present() as $other) {
            if (0 === strcasecmp($other->tag(), $tag) && !$other->id()->equals($id)) {
                throw BadField::of(
                    'tag',
                    $tag,
                    'a tag that no other rope on the rack has',
                    \sprintf('Tag "%s": another rope on the rack has it already.', $tag),
                );
            }
        }
    }

    /**
     * @param callable(RackRope): void $change
     */
    private function apply(
        UuidV7 $id,
        WriteCondition $condition,
        string $verb,
        RackRopeInput|InspectionInput|null $input,
        callable $change,
    ): void {
        $this->writes->change(
            $condition,
            Subject::of($verb, 'rack', $id),
            $input,
            fn (): RackRope => $this->rack->get($id),
            $change,
            $this->show->view(...),
        );
    }
}
