<?php

declare(strict_types=1);

namespace Zumbo\Core\Sets\Clock;

use Zumbo\Core\Sets\Interval\ClockPhase;

/**
 * The clock of a class: when it was started, whether it stands still, and what was added to the phase that ran. All instants
 * are milliseconds since 1970 on the server's clock; every screen reckons with its own offset to it.
 */
final readonly class SharedClock
{
    public const LONGEST_COUNT_IN_S = 60;
    public const MOST_ADDED_S = 600;

    /** More of them and somebody is playing with it. */
    public const MOST_STRETCHES = 200;

    /**
     * @param list<array{atS: float, seconds: int}> $stretches on the clock, in the order in which they were made
     */
    public function __construct(
        /** The first phase begins: after the count-in. */
        public int $startMs,
        /** Stands still since then; null: it runs. */
        public ?int $pausedAtMs,
        public array $stretches,
    ) {
    }

    public static function startedAt(int $nowMs, int $countInS): self
    {
        return new self($nowMs + 1000 * max(0, min(self::LONGEST_COUNT_IN_S, $countInS)), null, []);
    }

    /** Seconds since the first phase began; below 0 during the count-in. */
    public function elapsedS(int $nowMs): float
    {
        return (($this->pausedAtMs ?? $nowMs) - $this->startMs) / 1000;
    }

    /** Stands still from that instant on; one that does stays as it is. */
    public function paused(int $nowMs): self
    {
        return null === $this->pausedAtMs ? new self($this->startMs, $nowMs, $this->stretches) : $this;
    }

    /** Goes on where it stood: the time between is moved out of the way. */
    public function resumed(int $nowMs): self
    {
        return null === $this->pausedAtMs ? $this : new self($this->startMs + $nowMs - $this->pausedAtMs, null, $this->stretches);
    }

    /** The phase that runs gets longer, or shorter down to nothing left; during the count-in that is what changes. */
    public function stretched(int $nowMs, int $seconds): self
    {
        $elapsed = $this->elapsedS($nowMs);
        if ($elapsed < 0) {
            return new self($this->startMs + 1000 * (int) round(max($elapsed, $seconds)), $this->pausedAtMs, $this->stretches);
        }

        return \count($this->stretches) >= self::MOST_STRETCHES
            ? $this
            : new self($this->startMs, $this->pausedAtMs, [...$this->stretches, ['atS' => round($elapsed, 3), 'seconds' => $seconds]]);
    }

    /**
     * On to whatever changes next for anybody.
     *
     * @param list<list<ClockPhase>> $programmes as they are, not stretched
     */
    public function skipped(int $nowMs, array $programmes): self
    {
        $elapsed = $this->elapsedS($nowMs);
        $next = $elapsed < 0 ? 0.0 : \INF;
        foreach ($elapsed < 0 ? [] : $programmes as $phases) {
            $end = 0.0;
            foreach ($this->stretchedPhases($phases) as $phase) {
                $end += $phase->seconds;
                if ($end > $elapsed + 0.001) {
                    $next = min($next, $end);
                    break;
                }
            }
        }

        return is_infinite($next)
            ? $this
            : new self($this->startMs - (int) round(1000 * ($next - $elapsed)), $this->pausedAtMs, $this->stretches);
    }

    /**
     * The phases as they run: each stretch lengthens or shortens the one that ran then, never beyond what was past.
     *
     * @param list<ClockPhase> $phases
     *
     * @return list<ClockPhase>
     */
    public function stretchedPhases(array $phases): array
    {
        foreach ($this->stretches as ['atS' => $at, 'seconds' => $seconds]) {
            $start = 0;
            foreach ($phases as $i => $phase) {
                if ($at < $start + $phase->seconds) {
                    $least = (int) ceil($at - $start);
                    $phases[$i] = $phase->lasting(max($least, min($phase->seconds + $seconds, $phase->seconds + self::MOST_ADDED_S)));
                    break;
                }
                $start += $phase->seconds;
            }
        }

        return array_values(array_filter($phases, static fn (ClockPhase $phase): bool => $phase->seconds > 0));
    }
}
