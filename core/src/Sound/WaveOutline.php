<?php

declare(strict_types=1);

namespace Zumbo\Core\Sound;

/**
 * How loud the two bands were, in few enough columns to draw: when there are too many, two become one.
 */
final class WaveOutline
{
    private const MOST = 2400;

    /** @var list<array{float, float}> */
    private array $columns = [];
    private int $each = 4;
    private int $open = 0;
    private float $tick = 0.0;
    private float $thud = 0.0;

    public function __construct(private readonly float $hopS)
    {
    }

    public function push(float $tick, float $thud): void
    {
        $this->tick = max($this->tick, $tick);
        $this->thud = max($this->thud, $thud);
        if (++$this->open < $this->each) {
            return;
        }
        $this->columns[] = [$this->tick, $this->thud];
        $this->open = 0;
        $this->tick = $this->thud = 0.0;
        if (\count($this->columns) >= self::MOST) {
            $this->columns = array_map(
                static fn (array $pair): array => [max(array_column($pair, 0)), max(array_column($pair, 1))],
                array_chunk($this->columns, 2),
            );
            $this->each *= 2;
        }
    }

    /** Seconds of one column. */
    public function stepS(): float
    {
        return $this->each * $this->hopS;
    }

    /**
     * @return list<array{float, float}> tick and thud
     */
    public function columns(): array
    {
        return $this->columns;
    }
}
