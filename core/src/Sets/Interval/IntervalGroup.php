<?php

declare(strict_types=1);

namespace Zumbo\Core\Sets\Interval;

/**
 * Several parts one after the other, so many times.
 */
final readonly class IntervalGroup implements IntervalPart
{
    /**
     * @param non-empty-list<IntervalPart> $parts
     * @param int<1, max>                  $times
     */
    public function __construct(public array $parts, public int $times)
    {
    }

    public function phasesFrom(int $round): array
    {
        $phases = [];
        for ($i = 0; $i < $this->times; ++$i) {
            foreach ($this->parts as $part) {
                // A pause written on purpose is the rest that is meant.
                if ($part instanceof IntervalPause && PhaseKind::Rest === ($phases[\count($phases) - 1] ?? null)?->kind) {
                    array_pop($phases);
                }
                $phases = [...$phases, ...$part->phasesFrom($round)];
                $round += $part->rounds();
            }
        }

        return $phases;
    }

    public function rounds(): int
    {
        return $this->times * array_sum(array_map(static fn (IntervalPart $part): int => $part->rounds(), $this->parts));
    }

    public function works(): int
    {
        return $this->times * array_sum(array_map(static fn (IntervalPart $part): int => $part->works(), $this->parts));
    }

    public function text(): string
    {
        return 1 === $this->times ? $this->inside() : '('.$this->inside().') x'.$this->times;
    }

    private function inside(): string
    {
        return implode('; ', array_map(static fn (IntervalPart $part): string => $part->text(), $this->parts));
    }
}
