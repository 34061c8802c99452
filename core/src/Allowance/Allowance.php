<?php

declare(strict_types=1);

namespace Zumbo\Core\Allowance;

use Zumbo\Core\Body\BodyPart;
use Zumbo\Core\Measure\Verdict;

/**
 * What an athlete may do today, and why. Made in one place, Zumbo\Core\Today\Today; whatever offers a set, a clock, a
 * pattern, a pace or a drill takes it and obeys.
 */
final readonly class Allowance
{
    /**
     * @param list<BodyPart> $sore    what must not be loaded
     * @param list<Verdict>  $reasons the one that decides first; empty: nothing stands against it
     */
    private function __construct(
        public Jumping $jumping,
        public array $sore,
        /** Contacts; 0 when jumping is off. */
        public int $contactsLeftToday,
        public int $contactsLeftWeek,
        /** Jumping ended for today, by misses, temper or pain. */
        public bool $stopToday,
        public array $reasons,
    ) {
    }

    /**
     * @param list<Verdict> $reasons
     */
    public static function all(int $contactsLeftToday, int $contactsLeftWeek, array $reasons = []): self
    {
        return new self(Jumping::All, [], $contactsLeftToday, $contactsLeftWeek, false, $reasons);
    }

    /**
     * @param list<BodyPart>          $sore
     * @param non-empty-list<Verdict> $reasons
     */
    public static function noJump(array $sore, int $contactsLeftWeek, bool $stopToday, array $reasons): self
    {
        return new self(Jumping::NoJump, $sore, 0, $contactsLeftWeek, $stopToday, $reasons);
    }

    /**
     * @param list<BodyPart>          $sore
     * @param non-empty-list<Verdict> $reasons
     */
    public static function nothing(array $sore, array $reasons): self
    {
        return new self(Jumping::Nothing, $sore, 0, 0, false, $reasons);
    }

    public function offersJumps(): bool
    {
        return Jumping::All === $this->jumping;
    }

    /** What everybody in the room may read: no reason, no place. */
    public function publicly(): ?Verdict
    {
        return match ($this->jumping) {
            Jumping::All => null,
            Jumping::NoJump => Verdict::of('allowance.no_jump'),
            Jumping::Nothing => Verdict::of('allowance.nothing'),
        };
    }
}
