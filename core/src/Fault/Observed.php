<?php

declare(strict_types=1);

namespace Zumbo\Core\Fault;

/**
 * What a coach noted in one look: signs that are there, signs that were looked at and are not, and signs of which nobody
 * could tell. Nothing is known of the others.
 */
final readonly class Observed
{
    /**
     * @param list<Sign> $seen
     * @param list<Sign> $fine
     * @param list<Sign> $untold
     */
    private function __construct(public array $seen, public array $fine, public array $untold)
    {
    }

    /**
     * @param list<Sign> $seen
     * @param list<Sign> $fine   what is in both was seen
     * @param list<Sign> $untold what is in any of the others was told
     */
    public static function of(array $seen, array $fine = [], array $untold = []): self
    {
        $fine = self::without($fine, $seen);

        return new self(self::without($seen, []), $fine, self::without($untold, [...$seen, ...$fine]));
    }

    /** What somebody saw stands before what a number says. */
    public function with(self $measured): self
    {
        $mine = [...$this->seen, ...$this->fine];
        $new = static fn (Sign $sign): bool => !\in_array($sign, $mine, true);

        return self::of(
            [...$this->seen, ...array_filter($measured->seen, $new)],
            [...$this->fine, ...array_filter($measured->fine, $new)],
            $this->untold,
        );
    }

    /**
     * @param callable(Sign): bool $counts
     */
    public function only(callable $counts): self
    {
        return new self(
            array_values(array_filter($this->seen, $counts)),
            array_values(array_filter($this->fine, $counts)),
            array_values(array_filter($this->untold, $counts)),
        );
    }

    /** Somebody looked, or tried to. */
    public function wasAskedFor(Sign $sign): bool
    {
        return \in_array($sign, [...$this->seen, ...$this->fine, ...$this->untold], true);
    }

    /** Seen when tired only. */
    public function isLate(): bool
    {
        return [] !== array_filter($this->seen, static fn (Sign $sign): bool => $sign->isLate());
    }

    /** Looked at when fresh: it is there then, too. */
    public function isThereWhenFresh(): bool
    {
        return [] !== array_filter($this->fine, static fn (Sign $sign): bool => $sign->isLate());
    }

    /**
     * @param list<Sign> $signs
     * @param list<Sign> $others
     *
     * @return list<Sign> each once
     */
    private static function without(array $signs, array $others): array
    {
        return array_values(array_filter(
            array_unique($signs, \SORT_REGULAR),
            static fn (Sign $sign): bool => !\in_array($sign, $others, true),
        ));
    }
}
