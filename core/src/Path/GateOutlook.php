<?php

declare(strict_types=1);

namespace Zumbo\Core\Path;

use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Stage\Stage;
use Zumbo\Core\Streak\Posterior;
use Zumbo\Core\Streak\Prior;

/**
 * How likely an athlete passes the gate of their stage again.
 *
 * A gate is open when the chance of passing it again is high, not when it was met once: as the last sessions tell it
 * (RecentSessions). Open from 0.8 on, with at least five entries and the last ones clean. Limits are our assumption.
 */
final readonly class GateOutlook
{
    public const OPEN_FROM = 0.8;
    public const LEAST_ENTRIES = 5;

    private function __construct(
        public Gate $gate,
        public float $chance,
        /** How many of the newest entries were not clean. */
        public int $rough,
        public bool $open,
        /** As a sentence. */
        public Verdict $outlook,
        public RecentSessions $recent,
        private Stage $stage,
        private GateLog $log,
    ) {
    }

    /**
     * @param list<Entry> $entries of this stage, the newest last
     */
    public static function of(Stage $stage, Gate $gate, array $entries): self
    {
        return self::ofLog($stage, $gate, GateLog::ofEntries($gate->countKind, $entries));
    }

    /** @param GateLog $log of this stage, of what the gate counts */
    public static function ofLog(Stage $stage, Gate $gate, GateLog $log): self
    {
        $recent = RecentSessions::of(
            CountKind::Tries === $gate->countKind ? Prior::flat() : Prior::forStage($stage),
            $log->sessions,
        );
        $chance = self::chance($gate, $recent->posterior);
        $rough = \count(array_filter($log->lastClean, static fn (bool $clean): bool => !$clean));

        return new self(
            $gate,
            $chance,
            $rough,
            $chance >= self::OPEN_FROM && $recent->entries >= self::LEAST_ENTRIES && 0 === $rough,
            self::outlook($gate, $chance, $recent->entries),
            $recent,
            $stage,
            $log,
        );
    }

    /** How sure that is, what would settle it, and the one next thing. */
    public function advice(): GateAdvice
    {
        $flat = self::chance($this->gate, RecentSessions::of(Prior::flat(), $this->log->sessions)->posterior);

        return GateAdvice::of($this, $this->chance - $flat, self::unaware($this->stage, $this->log, $this->recent));
    }

    private static function chance(Gate $gate, Posterior $posterior): float
    {
        return CountKind::Tries === $gate->countKind
            ? $posterior->chanceOfClean($gate->count, $gate->tries)
            : $posterior->chanceOf($gate->count);
    }

    private static function outlook(Gate $gate, float $chance, int $count): Verdict
    {
        $values = ['count' => $gate->count, 'tries' => $gate->tries, 'in_ten' => (int) round(10 * $chance)];
        if (0 === $count) {
            return Verdict::of('gate.unknown_'.$gate->countKind->value, $values);
        }
        $often = match (true) {
            $chance < 0.05 => 'hardly',
            $chance < 0.15 => 'once',
            $chance >= 0.95 => 'almost_always',
            default => 'in_ten',
        };

        return Verdict::of('gate.'.$often.'_'.$gate->countKind->value, $values);
    }

    private static function unaware(Stage $stage, GateLog $log, RecentSessions $recent): ?Verdict
    {
        $after = Stage::cases()[$stage->number()] ?? null;

        return Unaware::of($log, null === $after ? null : GateTable::of($after), $recent);
    }
}
