<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Rack;

use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Entity\Ropes\Rack;
use Zumbo\App\Entity\Ropes\RackRope;
use Zumbo\App\Platform\Clock\LocalDay;

/**
 * The shared ropes as they are today.
 */
final readonly class ShowRack
{
    public function __construct(private Rack $rack, private Gyms $gyms, private ClockInterface $clock)
    {
    }

    /**
     * @return list<RackRopeView>
     */
    public function all(): array
    {
        return array_map($this->view(...), $this->rack->present());
    }

    public function one(UuidV7 $id): RackRopeView
    {
        return $this->view($this->rack->get($id));
    }

    public function view(RackRope $rope): RackRopeView
    {
        return RackRopeView::of($rope, LocalDay::of($this->clock->now(), $this->gyms->current()->timeZone()));
    }
}
