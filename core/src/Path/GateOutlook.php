<?php

declare(strict_types=1);

namespace Zumbo\Core\Path;

use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Method\GateRule;
use Zumbo\Core\Stage\Stage;
use Zumbo\Core\Streak\Prior;

/**
 * How likely an athlete passes the gate of their stage again.
 *
 * A gate is open when the chance of passing it again is high, not when it was met once: as the last sessions tell it
 * (RecentSessions). Open from 0.8 on, with at least five entries and the last ones clean; form-first by the last five clean
 * alone. Limits are our assumption.
 */
final readonly class GateOutlook
{
    public const OPEN_FROM = 0.8;
    public const NEARLY_FROM = 0.5;
    public const LEAST_ENTRIES = 5;

    private function __construct(
        public Stage $stage,
        public Gate $gate,
        public float $chance,
        /** How many of the newest entries were not clean. */
        public int $rough,
        public GateVerdict $verdict,
        /** As a sentence. */
        public Verdict $outlook,
        public RecentSessions $recent,
        private GatesInForce $gates,
        private GateLog $log,
    ) {
    }

    /**
     * @param list<Entry> $entries of this stage, the newest last
     *
     * @throws \LogicException when the stage has no gate
     */
    public static function of(Stage $stage, GatesInForce $gates, array $entries): self
    {
        $gate = $gates->at($stage) ?? throw new \LogicException('the last stage has no gate');

        return self::ofLog($stage, $gates, GateLog::ofEntries($gate->countKind, $entries));
    }

    /**
     * @param GateLog          $log       of this stage, of what the gate counts
     * @param list<SessionSum> $ofTheLast what was counted of the stage before since they left it, as its gate counts
     *
     * @throws \LogicException when the stage has no gate
     */
    public static function ofLog(Stage $stage, GatesInForce $gates, GateLog $log, array $ofTheLast = []): self
    {
        $gate = $gates->at($stage) ?? throw new \LogicException('the last stage has no gate');
        $recent = RecentSessions::of(GateChance::prior($gate, $stage), $log->sessions);
        $chance = GateChance::of($gate, $recent->posterior);
        $rough = $log->roughOfLast($gate->rule);
        $open = self::isOpen($gate, $chance, $recent->entries, $rough);

        return new self(
            $stage,
            $gate,
            $chance,
            $rough,
            match (true) {
                $open => GateVerdict::Open,
                self::stepsBack($stage, $gates, $log, $ofTheLast) => GateVerdict::StepBack,
                self::isNearly($gate, $chance, $recent->entries, $log) => GateVerdict::Nearly,
                default => GateVerdict::NotYet,
            },
            GateWords::outlook($gate, $chance, $recent->entries, $log),
            $recent,
            $gates,
            $log,
        );
    }

    public function isOpenNow(): bool
    {
        return GateVerdict::Open === $this->verdict;
    }

    /** How sure that is, what would settle it, and the one next thing. */
    public function advice(): GateAdvice
    {
        $flat = GateChance::of($this->gate, RecentSessions::of(Prior::flat(), $this->log->sessions)->posterior);

        return GateAdvice::of($this, $this->chance - $flat, $this->ready());
    }

    /** That they are further than they know; null: nothing hints at it. */
    public function ready(): ?Verdict
    {
        return Unaware::of($this->log, $this->gates->after($this->stage), $this->recent);
    }

    /** The stage to go back to, where they should. */
    public function stageBefore(): ?Stage
    {
        return $this->gates->ways->method->before($this->stage);
    }

    /** How many clean goes are missing, where form alone opens the gate. */
    public function cleanMissing(): int
    {
        return max($this->rough, GateLog::FORM_LAST - \count($this->log->lastClean));
    }

    private static function isOpen(Gate $gate, float $chance, int $entries, int $rough): bool
    {
        return $gate->isWaived()
            || (0 === $rough
                && $entries >= self::LEAST_ENTRIES
                && (GateRule::FormFirst === $gate->rule || $chance >= self::OPEN_FROM));
    }

    private static function isNearly(Gate $gate, float $chance, int $entries, GateLog $log): bool
    {
        return $entries > 0 && (GateRule::FormFirst === $gate->rule
            ? $log->cleanOfLast() >= GateLog::LAST
            : $chance >= self::NEARLY_FROM);
    }

    /**
     * @param list<SessionSum> $ofTheLast
     */
    private static function stepsBack(Stage $stage, GatesInForce $gates, GateLog $log, array $ofTheLast): bool
    {
        $before = $gates->before($stage);
        $beforeStage = $gates->ways->method->before($stage);

        return null !== $before && null !== $beforeStage && StepBack::asksFor(
            $before,
            $beforeStage,
            StepBack::readsOwnLog($stage) ? $log->sessions : $ofTheLast,
        );
    }
}
