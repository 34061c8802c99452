<?php

declare(strict_types=1);

namespace Zumbo\Core\Sets\Interval;

use Zumbo\Core\Drill\DrillTable;

/**
 * Work and rest by the clock, so many rounds; or a circuit, where every round goes through all stations.
 */
final readonly class IntervalSet implements IntervalPart
{
    public const LONGEST_S = 600;
    public const MOST_ROUNDS = 60;
    public const MOST_STATIONS = 12;
    public const LONGEST_NAME = DrillTable::LONGEST_ON_A_CLOCK;

    /**
     * @param list<string> $stations
     */
    private function __construct(public int $workS, public int $restS, public int $rounds, public array $stations)
    {
    }

    /**
     * @param int          $workS    from 1 to 600
     * @param int          $restS    from 0 to 600
     * @param int          $rounds   from 1 to 60
     * @param list<string> $stations names without comma, colon, semicolon or bracket; none: the same work all the time
     *
     * @throws IntervalError naming the part that is out of range
     */
    public static function of(int $workS, int $restS, int $rounds, array $stations = []): self
    {
        self::refuse('work', $workS, 1, self::LONGEST_S, ' s');
        self::refuse('rest', $restS, 0, self::LONGEST_S, ' s');
        self::refuse('rounds', $rounds, 1, self::MOST_ROUNDS, '');
        if (\count($stations) > self::MOST_STATIONS) {
            throw IntervalError::of('stations', (string) \count($stations), 'at most '.self::MOST_STATIONS);
        }
        $names = array_map(trim(...), $stations);
        foreach ($names as $name) {
            if (1 !== preg_match('/^[^,:;()\x00-\x1F]{1,'.self::LONGEST_NAME.'}$/u', $name)) {
                throw IntervalError::of(
                    'station',
                    $name,
                    'a name of 1 to '.self::LONGEST_NAME.' characters without comma, colon, semicolon or bracket',
                );
            }
        }

        return new self($workS, $restS, $rounds, $names);
    }

    /**
     * Work and rest by turns, a rest after the last work too.
     *
     * @param int $round the number of the first round
     */
    public function phasesFrom(int $round): array
    {
        $phases = [];
        for ($i = 0; $i < $this->rounds; ++$i) {
            foreach ([] === $this->stations ? [null] : $this->stations as $station) {
                $phases[] = new ClockPhase(PhaseKind::Work, $this->workS, $round + $i, $station);
                if ($this->restS > 0) {
                    $phases[] = new ClockPhase(PhaseKind::Rest, $this->restS, $round + $i, null);
                }
            }
        }

        return $phases;
    }

    public function rounds(): int
    {
        return $this->rounds;
    }

    public function works(): int
    {
        return $this->rounds * max(1, \count($this->stations));
    }

    public function text(): string
    {
        return ClockTime::written($this->workS)
            .(0 === $this->restS ? '' : '/'.ClockTime::written($this->restS))
            .(1 === $this->rounds ? '' : ' x'.$this->rounds)
            .([] === $this->stations ? '' : ': '.implode(', ', $this->stations));
    }

    private static function refuse(string $part, int $given, int $least, int $most, string $unit): void
    {
        if ($given < $least || $given > $most) {
            throw IntervalError::of($part, $given.$unit, \sprintf('from %d to %d%s', $least, $most, $unit));
        }
    }
}
