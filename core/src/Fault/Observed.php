<?php

declare(strict_types=1);

namespace Zumbo\Core\Fault;

/**
 * What a coach noted in one look: signs that are there, and signs that were looked at and are not. Nothing is known of
 * the others.
 */
final readonly class Observed
{
    /**
     * @param list<Sign> $seen
     * @param list<Sign> $fine
     */
    private function __construct(public array $seen, public array $fine)
    {
    }

    /**
     * @param list<Sign> $seen
     * @param list<Sign> $fine what is in both was seen
     */
    public static function of(array $seen, array $fine = []): self
    {
        $seen = array_values(array_unique($seen, \SORT_REGULAR));

        return new self($seen, array_values(array_filter(
            array_unique($fine, \SORT_REGULAR),
            static fn (Sign $sign): bool => !\in_array($sign, $seen, true),
        )));
    }

    /** What somebody saw stands before what a number says. */
    public function with(self $measured): self
    {
        $mine = [...$this->seen, ...$this->fine];
        $new = static fn (Sign $sign): bool => !\in_array($sign, $mine, true);

        return self::of(
            [...$this->seen, ...array_filter($measured->seen, $new)],
            [...$this->fine, ...array_filter($measured->fine, $new)],
        );
    }

    /**
     * @param callable(Sign): bool $counts
     */
    public function only(callable $counts): self
    {
        return new self(array_values(array_filter($this->seen, $counts)), array_values(array_filter($this->fine, $counts)));
    }

    public function knows(Sign $sign): bool
    {
        return \in_array($sign, $this->seen, true) || \in_array($sign, $this->fine, true);
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
}
