<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Rack;

use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Entity\Ropes\Rack;
use Zumbo\App\Entity\Ropes\RackRope;
use Zumbo\App\Entity\Ropes\RopePin;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Input\WriteCondition;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\App\Platform\Write\IdempotentWrite;
use Zumbo\App\Platform\Write\Subject;
use Zumbo\App\Shared\People\NamedAthlete;

/**
 * Pins a shared rope to an athlete, takes the pin out, and undoes that; each write once. One pin for an athlete, one
 * for a rope.
 */
final readonly class PinRope
{
    public function __construct(
        private Rack $rack,
        private NamedAthlete $athletes,
        private NamedRackRope $ropes,
        private IdempotentWrite $writes,
        private GymScope $scope,
        private ClockInterface $clock,
    ) {
    }

    /** @return bool true when it is new, false when the same request came before */
    public function pin(UuidV7 $id, PinInput $input): bool
    {
        return $this->writes->run($id, Subject::of('pin', 'rope_pin', $id), $input, function () use (
            $id,
            $input,
        ): void {
            $athlete = $this->athletes->of($input->athleteId);
            $rope = $this->ropes->of('rackRopeId', $input->rackRopeId);
            $this->refuseSecond($id, $athlete->id(), $rope);
            $this->rack->add(new RopePin($this->scope->gymId(), $id, $athlete->id(), $rope->id()));
        });
    }

    public function move(UuidV7 $id, MovePinInput $input, WriteCondition $condition): void
    {
        $this->apply($id, $condition, 'move', function (RopePin $pin) use ($input): void {
            if ($pin->isRemoved()) {
                throw BadField::of('id', $pin->id()->toRfc4122(), 'a pin that holds; this one was taken out');
            }
            $rope = $this->ropes->of('rackRopeId', $input->rackRopeId);
            $this->refuseSecond($pin->id(), $pin->athleteId(), $rope);
            $pin->moveTo($rope->id());
        }, $input);
    }

    public function takeOut(UuidV7 $id, WriteCondition $condition): void
    {
        $this->apply($id, $condition, 'unpin', fn (RopePin $pin) => $pin->remove($this->clock->now()));
    }

    public function restore(UuidV7 $id, WriteCondition $condition): void
    {
        $this->apply($id, $condition, 'restore', function (RopePin $pin): void {
            $rope = $this->ropes->of('rackRopeId', $pin->rackRopeId()->toRfc4122());
            $this->refuseSecond($pin->id(), $pin->athleteId(), $rope);
            $pin->restore();
        });
    }

    /** One pin for an athlete, one for a rope. */
    private function refuseSecond(Uuid $pinId, Uuid $athleteId, RackRope $rope): void
    {
        foreach ($this->rack->pins() as $other) {
            if ($other->id()->equals($pinId)) {
                continue;
            }
            if ($other->rackRopeId()->equals($rope->id())) {
                throw BadField::of(
                    'rackRopeId',
                    $rope->tag(),
                    'a rope that is pinned to nobody',
                    \sprintf('%s is pinned to somebody already: take that pin out first.', $rope->tag()),
                );
            }
            if ($other->athleteId()->equals($athleteId)) {
                throw BadField::of(
                    'athleteId',
                    $athleteId->toRfc4122(),
                    'somebody without a pinned rope; move their pin, or take it out first',
                );
            }
        }
    }

    /**
     * @param callable(RopePin): void $change
     */
    private function apply(
        UuidV7 $id,
        WriteCondition $condition,
        string $verb,
        callable $change,
        ?MovePinInput $input = null,
    ): void {
        $this->writes->change(
            $condition,
            Subject::of($verb, 'rope_pin', $id),
            $input,
            fn (): RopePin => $this->rack->pin($id),
            $change,
            PinView::of(...),
        );
    }
}
