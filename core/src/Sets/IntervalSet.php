<?php

declare(strict_types=1);

namespace Zumbo\Core\Sets;

use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Measure\Rate;
use Zumbo\Core\Path\Gate;
use Zumbo\Core\Stage\Stage;

/**
 * Work and rest by the clock, so many rounds; or a circuit, where every round goes through all stations. After the last
 * work nobody has to wait for a rest.
 */
final readonly class IntervalSet
{
    /** Name in the record. */
    public const CODE = 'intervals';

    public const LONGEST_S = 600;
    public const MOST_ROUNDS = 60;
    public const MOST_STATIONS = 12;
    public const LONGEST_NAME = 40;

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
     * @param list<string> $stations names without a comma; none: the same work all the time
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
            if (1 !== preg_match('/^[^,:\x00-\x1F]{1,'.self::LONGEST_NAME.'}$/u', $name)) {
                throw IntervalError::of(
                    'station',
                    $name,
                    'a name of 1 to '.self::LONGEST_NAME.' characters without comma or colon',
                );
            }
        }

        return new self($workS, $restS, $rounds, $names);
    }

    /** @throws IntervalError naming the part that can't be read */
    public static function parse(string $text): self
    {
        if (
            1 !==
            preg_match(
                '~^\s*([\d:]+)\s*(?:s\s*)?/\s*([\d:]+)\s*(?:s\s*)?[x×]\s*(\d{1,3})\s*(?::(.*))?$~us',
                $text,
                $part,
            )
        ) {
            throw IntervalError::unreadable($text);
        }
        $stations = isset($part[4]) ? explode(',', $part[4]) : [];

        return self::of(self::seconds('work', $part[1]), self::seconds('rest', $part[2]), (int) $part[3], $stations);
    }

    /**
     * @return list<ClockPhase>
     */
    public function phases(): array
    {
        $phases = [];
        for ($round = 1; $round <= $this->rounds; ++$round) {
            foreach ([] === $this->stations ? [null] : $this->stations as $station) {
                if ([] !== $phases && $this->restS > 0) {
                    $phases[] = new ClockPhase(
                        PhaseKind::Rest,
                        $this->restS,
                        $phases[\count($phases) - 1]->round,
                        $station,
                    );
                }
                $phases[] = new ClockPhase(PhaseKind::Work, $this->workS, $round, $station);
            }
        }

        return $phases;
    }

    public function worksCount(): int
    {
        return $this->rounds * max(1, \count($this->stations));
    }

    public function totalWorkS(): int
    {
        return $this->worksCount() * $this->workS;
    }

    public function totalRestS(): int
    {
        return ($this->worksCount() - 1) * $this->restS;
    }

    public function totalS(): int
    {
        return $this->totalWorkS() + $this->totalRestS();
    }

    /** Jumps if the beat is kept all through the work: an upper bound. */
    public function jumps(Rate $cadence): int
    {
        return (int) round(($this->totalWorkS() * $cadence->countPerMinute()) / 60);
    }

    /** Contacts by what is done at each station; without stations by the set's own beat. */
    public function contacts(Rate $cadence, Stage $stage): int
    {
        if ([] === $this->stations) {
            return $this->jumps($cadence);
        }
        $perRound = array_sum(array_map(
            static fn (string $station): float => StationWork::contactsPerMinute($station, $stage, $cadence->countPerMinute()),
            $this->stations,
        ));

        return (int) round(($this->rounds * $this->workS * $perRound) / 60);
    }

    /** As the text form writes it, ready to be read again. */
    public function text(): string
    {
        return \sprintf(
            '%s/%s x%d%s',
            self::clock($this->workS),
            self::clock($this->restS),
            $this->rounds,
            [] === $this->stations ? '' : ': '.implode(', ', $this->stations),
        );
    }

    /**
     * What is counted when it is logged: seconds and misses where the stage's gate is a hold, reps and misses
     * elsewhere. A circuit mixes jumps, so it says nothing about a gate: it is logged the other way, as work done.
     */
    public function measuredBy(?Gate $gate): CountKind
    {
        $hold = CountKind::Hold === $gate?->countKind;

        return $hold === ([] === $this->stations) ? CountKind::Hold : CountKind::Streak;
    }

    private static function refuse(string $part, int $given, int $least, int $most, string $unit): void
    {
        if ($given < $least || $given > $most) {
            throw IntervalError::of($part, $given.$unit, \sprintf('from %d to %d%s', $least, $most, $unit));
        }
    }

    private static function seconds(string $part, string $written): int
    {
        if (1 === preg_match('/^(\d{1,2}):([0-5]\d)$/', $written, $found)) {
            return 60 * (int) $found[1] + (int) $found[2];
        }

        return 1 === preg_match('/^\d{1,4}$/', $written)
            ? (int) $written
            : throw IntervalError::of($part, $written, 'seconds like 20, or minutes and seconds like 1:30');
    }

    /** Up to a minute and a half one says seconds. */
    private static function clock(int $seconds): string
    {
        return $seconds <= 90 ? (string) $seconds : \sprintf('%d:%02d', intdiv($seconds, 60), $seconds % 60);
    }
}
