<?php

declare(strict_types=1);

namespace Zumbo\App\Log\Search;

use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\Ropes\Ropes;

/**
 * While an athlete had a rope.
 */
final readonly class RopeTime
{
    private function __construct(
        public Uuid $athlete,
        public \DateTimeImmutable $from,
        /** Null: they have it now. */
        public ?\DateTimeImmutable $until,
    ) {
    }

    public static function of(Ropes $ropes, Uuid $id): self
    {
        $rope = $ropes->get($id);
        foreach ($ropes->historyOf($rope->athleteId()) as $other) {
            if ($other->createdAt() > $rope->createdAt()) {
                return new self($rope->athleteId(), $rope->createdAt(), $other->createdAt());
            }
        }

        return new self($rope->athleteId(), $rope->createdAt(), null);
    }
}
