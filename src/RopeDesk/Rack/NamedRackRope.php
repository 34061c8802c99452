<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Rack;

use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\Ropes\Rack;
use Zumbo\App\Entity\Ropes\RackRope;
use Zumbo\App\Platform\Problem\BadField;

/**
 * The shared rope that a body names: on the rack, and not failed.
 */
final readonly class NamedRackRope
{
    public function __construct(private Rack $rack)
    {
    }

    /** @throws BadField when this gym has none of that id on the rack, or it failed its inspection */
    public function of(string $field, string $id): RackRope
    {
        $rope = Uuid::isValid($id) ? $this->rack->find(Uuid::fromString($id)) : null;
        if (null === $rope || $rope->isRemoved()) {
            throw BadField::of($field, $id, 'the id of a rope on this gym\'s rack');
        }
        if (!$rope->inspection()->isSafe()) {
            throw BadField::of(
                $field,
                $rope->tag(),
                'a rope that has not failed its inspection',
                \sprintf(
                    '%s failed its inspection: mend it and inspect it again before it is given out.',
                    $rope->tag(),
                ),
            );
        }

        return $rope;
    }
}
