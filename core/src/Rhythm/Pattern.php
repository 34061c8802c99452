<?php

declare(strict_types=1);

namespace Zumbo\Core\Rhythm;

/**
 * What feet and rope do, jump by jump. The notation is ours: docs/notation.md.
 */
final readonly class Pattern implements PatternItem
{
    /** The longest pattern that makes sense to write down: an hour of jumping. */
    public const MOST_JUMPS = 10_000;

    /**
     * @param non-empty-list<PatternItem> $items
     */
    private function __construct(public array $items)
    {
    }

    /**
     * Neighbouring runs of one kind become one, so that equal patterns have equal notations.
     *
     * @param non-empty-list<PatternItem> $items
     */
    public static function of(array $items): self
    {
        $merged = [];
        $last = array_shift($items);
        foreach ($items as $item) {
            if ($item instanceof JumpRun && $last instanceof JumpRun && $last->continues($item)) {
                $last = new JumpRun($item->kind, $last->count + $item->count, $item->footwork);
            } else {
                $merged[] = $last;
                $last = $item;
            }
        }

        return new self([...$merged, $last]);
    }

    /** @throws PatternError naming the place that can't be read */
    public static function parse(string $notation): self
    {
        return PatternParser::parse($notation);
    }

    public function jumps(): int
    {
        return array_sum(array_map(static fn (PatternItem $item): int => $item->jumps(), $this->items));
    }

    /**
     * Each jump of the pattern once; of work for a time, what is done over and over in it.
     *
     * @return list<JumpKind>
     */
    public function kinds(): array
    {
        $kinds = [];
        foreach ($this->steps() as $step) {
            foreach ($step instanceof Work ? $step->pattern->steps() : [$step] as $jump) {
                if ($jump instanceof OneJump) {
                    $kinds[] = $jump->kind;
                }
            }
        }

        return $kinds;
    }

    /** The jumps of the shortest piece that is done over and over: 4 of ten times 3s d; a run of one kind is one piece. */
    public function jumpsOfRound(): int
    {
        $kinds = $this->kinds();
        $all = \count($kinds);
        for ($length = 2; $length <= intdiv($all, 2); ++$length) {
            $again = static fn (JumpKind $kind, int $i): bool => $kind === $kinds[$i % $length];
            if (0 === $all % $length && !\in_array(false, array_map($again, $kinds, array_keys($kinds)), true)) {
                return \count(array_unique(array_column(\array_slice($kinds, 0, $length), 'value'))) > 1 ? $length : $all;
            }
        }

        return $all;
    }

    public function turns(): int
    {
        return array_sum(array_map(static fn (PatternItem $item): int => $item->turns(), $this->items));
    }

    /** Whether only a cadence tells how many jumps there are. */
    public function isTimed(): bool
    {
        foreach ($this->steps() as $step) {
            if ($step instanceof Work) {
                return true;
            }
        }

        return false;
    }

    /** Landings of the feet: one for each jump. */
    public function contacts(): int
    {
        return $this->jumps();
    }

    public function restSeconds(): float
    {
        return array_sum(array_map(static fn (PatternItem $item): float => $item->restSeconds(), $this->items));
    }

    public function most(): int
    {
        return array_sum(array_map(static fn (PatternItem $item): int => $item->most(), $this->items));
    }

    public function notation(): string
    {
        return implode(' ', array_map(static fn (PatternItem $item): string => $item->notation(), $this->items));
    }

    public function text(): string
    {
        return implode(', ', array_map(static fn (PatternItem $item): string => $item->text(), $this->items));
    }

    public function steps(): iterable
    {
        foreach ($this->items as $item) {
            yield from $item->steps();
        }
    }
}
