<?php

declare(strict_types=1);

namespace Zumbo\Core\Gear;

use Zumbo\Core\Measure\Verdict;

/**
 * When a rope is to be looked over next (that ropes are inspected is common practice, no published source; how often is
 * our assumption): one of the rack every month, for many hands wear it; somebody's own every three. A rope nobody has
 * looked at is due at once.
 */
final readonly class LookOver
{
    private const OWN_MONTHS = 3;
    private const SHARED_MONTHS = 1;

    private function __construct(
        /** Null: nobody has looked yet. */
        private ?\DateTimeImmutable $last,
        /** Null: at once. */
        public ?\DateTimeImmutable $nextOn,
    ) {
    }

    public static function ofOwn(?\DateTimeImmutable $last): self
    {
        return new self($last, $last?->add(new \DateInterval('P'.self::OWN_MONTHS.'M')));
    }

    public static function ofShared(?\DateTimeImmutable $last): self
    {
        return new self($last, $last?->add(new \DateInterval('P'.self::SHARED_MONTHS.'M')));
    }

    public function isDue(\DateTimeImmutable $today): bool
    {
        return null === $this->nextOn || $this->nextOn <= $today;
    }

    public function verdict(): Verdict
    {
        return null === $this->last || null === $this->nextOn
            ? Verdict::of('inspect.never')
            : Verdict::of('inspect.next', [
                'last' => $this->last->format('Y-m-d'),
                'next' => $this->nextOn->format('Y-m-d'),
            ]);
    }
}
