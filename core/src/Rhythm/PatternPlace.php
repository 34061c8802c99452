<?php

declare(strict_types=1);

namespace Zumbo\Core\Rhythm;

/**
 * A place in a pattern that is done over and over: which jump, in which round, and what should have been there.
 */
final readonly class PatternPlace
{
    private function __construct(
        /** From 1, through the whole take. */
        public int $jump,
        /** From 1. */
        public int $round,
        public JumpKind $kind,
        /** The pattern is shorter than the take, so that rounds are told. */
        public bool $again,
    ) {
    }

    /**
     * The first jump that is not the target's, or the first that is missing at the end of a round.
     *
     * @param list<int> $passes of each jump
     *
     * @return self|null null: it is the target all through, or there is nothing to compare with
     */
    public static function firstBroken(array $passes, Pattern $target): ?self
    {
        $wanted = $target->kinds();
        if ([] === $wanted) {
            return null;
        }
        $length = \count($wanted);
        foreach ($passes as $i => $count) {
            if ($count !== $wanted[$i % $length]->passes()) {
                return self::at($i, $target, \count($passes));
            }
        }

        return \count($passes) < $length ? self::at(\count($passes), $target, \count($passes)) : null;
    }

    /**
     * @return list<int> turns of each jump of one round
     */
    public static function passes(Pattern $target): array
    {
        return array_map(static fn (JumpKind $kind): int => $kind->passes(), $target->kinds());
    }

    private static function at(int $place, Pattern $target, int $jumps): self
    {
        $wanted = $target->kinds();
        $round = $target->jumpsOfRound();

        return new self(
            $place + 1,
            intdiv($place, $round) + 1,
            $wanted[$place % \count($wanted)],
            $jumps > $round || \count($wanted) > $round,
        );
    }
}
