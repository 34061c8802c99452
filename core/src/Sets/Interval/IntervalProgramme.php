<?php

declare(strict_types=1);

namespace Zumbo\Core\Sets\Interval;

use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Measure\Rate;
use Zumbo\Core\Path\Gate;
use Zumbo\Core\Stage\Stage;

/**
 * Work and rest of any depth on one clock. After the last work nobody has to wait for a rest, unless it is kept.
 */
final readonly class IntervalProgramme
{
    /** Name in the record. */
    public const CODE = 'intervals';

    public const MOST_PHASES = 600;
    public const LONGEST_S = 10_800;

    /**
     * @param list<ClockPhase> $phases
     */
    private function __construct(
        private IntervalPart $parts,
        public array $phases,
        /** Of the rest after the last work, whether it is kept or not. */
        public int $lastRestS,
        public bool $keepsLastRest,
    ) {
    }

    /** @throws IntervalError when nobody works, or it gets longer than three hours or 600 phases */
    public static function of(IntervalPart $parts, bool $keepLastRest = false): self
    {
        if (0 === $parts->works() || $parts->works() > self::MOST_PHASES / 2) {
            throw IntervalError::of('works', (string) $parts->works(), 'from 1 to '.self::MOST_PHASES / 2);
        }
        $all = $parts->phasesFrom(1);
        $last = end($all);
        $lastRestS = false !== $last && PhaseKind::Rest === $last->kind ? $last->seconds : 0;
        $phases = self::named($lastRestS > 0 && !$keepLastRest ? \array_slice($all, 0, -1) : $all);
        $seconds = self::seconds($phases);

        return $seconds > self::LONGEST_S
            ? throw IntervalError::of('length', $seconds.' s', 'at most '.self::LONGEST_S.' s')
            : new self($parts, $phases, $lastRestS, $keepLastRest);
    }

    /** @throws IntervalError naming the part that can't be read */
    public static function parse(string $text, bool $keepLastRest = false): self
    {
        return self::of(IntervalParser::parse($text), $keepLastRest);
    }

    /** The one block it is made of; null: there are several. */
    public function block(): ?IntervalSet
    {
        return $this->parts instanceof IntervalSet ? $this->parts : null;
    }

    /** Ready to be read again. */
    public function text(): string
    {
        return $this->parts->text();
    }

    public function works(): int
    {
        return $this->parts->works();
    }

    public function totalWorkS(): int
    {
        return self::seconds($this->phases, PhaseKind::Work);
    }

    public function totalRestS(): int
    {
        return self::seconds($this->phases, PhaseKind::Rest);
    }

    public function totalS(): int
    {
        return self::seconds($this->phases);
    }

    /** With the rest after the last work. */
    public function totalWithLastRestS(): int
    {
        return $this->totalS() + ($this->keepsLastRest ? 0 : $this->lastRestS);
    }

    /** Without the rest after the last work. */
    public function totalWithoutLastRestS(): int
    {
        return $this->totalWithLastRestS() - $this->lastRestS;
    }

    public function isCircuit(): bool
    {
        foreach ($this->phases as $phase) {
            if (PhaseKind::Work === $phase->kind && null !== $phase->station) {
                return true;
            }
        }

        return false;
    }

    /** Jumps if one beat is kept all through the work: an upper bound. */
    public function jumps(Rate $cadence): int
    {
        return (int) round(($this->totalWorkS() * $cadence->countPerMinute()) / 60);
    }

    /** Contacts by what is done in each interval; where nothing is named, by the set's own beat. */
    public function contacts(Rate $cadence, Stage $stage): int
    {
        $contacts = 0.0;
        foreach ($this->phases as $phase) {
            $contacts += PhaseKind::Work === $phase->kind
                ? StationWork::at($phase->station, $stage, $cadence)->contacts($phase->seconds)
                : 0.0;
        }

        return (int) round($contacts);
    }

    /**
     * What is counted when it is logged: seconds and misses where the stage's gate is a hold, reps and misses
     * elsewhere. A circuit mixes jumps, so it says nothing about a gate: it is logged the other way, as work done.
     */
    public function measuredBy(?Gate $gate): CountKind
    {
        $hold = CountKind::Hold === $gate?->countKind;

        return $hold !== $this->isCircuit() ? CountKind::Hold : CountKind::Streak;
    }

    /**
     * A rest says what comes after it.
     *
     * @param list<ClockPhase> $phases
     *
     * @return list<ClockPhase>
     */
    private static function named(array $phases): array
    {
        $named = [];
        foreach ($phases as $i => $phase) {
            $named[] = PhaseKind::Rest === $phase->kind
                ? new ClockPhase(PhaseKind::Rest, $phase->seconds, $phase->round, ($phases[$i + 1] ?? null)?->station)
                : $phase;
        }

        return $named;
    }

    /**
     * @param list<ClockPhase> $phases
     */
    private static function seconds(array $phases, ?PhaseKind $kind = null): int
    {
        return array_sum(array_map(
            static fn (ClockPhase $phase): int => null === $kind || $kind === $phase->kind ? $phase->seconds : 0,
            $phases,
        ));
    }
}
