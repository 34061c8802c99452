<?php

declare(strict_types=1);

namespace Zumbo\Core\Rhythm;

/**
 * A pattern done once for each rung, with the rung's number standing in it as a count.
 */
final readonly class LadderItem implements PatternItem
{
    /**
     * @param non-empty-list<Pattern> $rungs
     * @param non-empty-list<int>     $turningPoints from, to, and perhaps back to
     * @param int<1, max>             $step
     */
    public function __construct(public array $rungs, public array $turningPoints, public int $step)
    {
    }

    /**
     * The numbers of the rungs.
     *
     * @param non-empty-list<int> $turningPoints
     * @param int<1, max>         $step
     *
     * @return non-empty-list<int>
     */
    public static function numbers(array $turningPoints, int $step): array
    {
        $numbers = [$turningPoints[0]];
        $last = $turningPoints[0];
        foreach (\array_slice($turningPoints, 1) as $to) {
            $way = $to >= $last ? $step : -$step;
            for ($n = $last + $way; $way > 0 ? $n <= $to : $n >= $to; $n += $way) {
                $numbers[] = $last = $n;
            }
        }

        return $numbers;
    }

    public function jumps(): int
    {
        return array_sum(array_map(static fn (Pattern $rung): int => $rung->jumps(), $this->rungs));
    }

    public function turns(): int
    {
        return array_sum(array_map(static fn (Pattern $rung): int => $rung->turns(), $this->rungs));
    }

    public function restSeconds(): float
    {
        return array_sum(array_map(static fn (Pattern $rung): float => $rung->restSeconds(), $this->rungs));
    }

    public function most(): int
    {
        return array_sum(array_map(static fn (Pattern $rung): int => $rung->most(), $this->rungs));
    }

    public function notation(): string
    {
        return \sprintf(
            '(%s)n=%s%s',
            $this->rungs[0]->notation(),
            implode('..', $this->turningPoints),
            1 === $this->step ? '' : '/'.$this->step,
        );
    }

    public function text(): string
    {
        $steps = 1 === $this->step ? '' : \sprintf(' in steps of %d', $this->step);

        return \sprintf(
            'ladder, n from %s%s: %s',
            implode(' to ', $this->turningPoints),
            $steps,
            $this->rungs[0]->text(),
        );
    }

    public function steps(): iterable
    {
        foreach ($this->rungs as $rung) {
            yield from $rung->steps();
        }
    }
}
