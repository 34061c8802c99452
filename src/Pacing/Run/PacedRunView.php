<?php

declare(strict_types=1);

namespace Zumbo\App\Pacing\Run;

use Zumbo\App\Entity\Plan\PacedRun;
use Zumbo\App\Shared\SentenceView;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Pacing\Run\PlanAgainstFact;

/**
 * A workout that an athlete was paced through, held against its plan.
 */
final readonly class PacedRunView
{
    /**
     * @param list<PacedLeg> $legs
     */
    private function __construct(
        public string $id,
        public string $athleteId,
        public string $athleteName,
        public string $startedAt,
        /** Empty: nobody knows. */
        public string $runBy,
        public string $workout,
        public float $expectedS,
        public float $p10S,
        public float $p90S,
        /** Up to the last touch. */
        public float $takenS,
        /** By the plan, as far as it went. */
        public float $plannedS,
        public bool $finished,
        /** Whether the band held; null: there was none, or it was stopped before its end. */
        public ?bool $held,
        /** Null: nobody counted all of them. */
        public ?int $misses,
        public float $expectedMisses,
        /** The one thing to change. */
        public SentenceView $change,
        public array $legs,
        public bool $removed,
        public int $version,
    ) {
    }

    public static function of(PacedRun $run, string $name): self
    {
        $forecast = $run->forecast();
        $fact = PlanAgainstFact::of($run->done(), $forecast->lowS, $forecast->highS, $run->isFinished());

        return new self(
            $run->id()->toRfc4122(),
            $run->athleteId()->toRfc4122(),
            $name,
            $run->startedAt()->format('Y-m-d\TH:i:s\Z'),
            $run->runBy(),
            $run->workout(),
            $forecast->expectedS,
            $forecast->lowS,
            $forecast->highS,
            $fact->takenS,
            $fact->plannedS,
            $run->isFinished(),
            $run->isScored() ? $forecast->holds() : null,
            $fact->misses,
            $fact->expectedMisses,
            SentenceView::of($fact->say, LengthUnit::Centimetre),
            array_map(PacedLeg::of(...), $run->done()),
            $run->isRemoved(),
            $run->version(),
        );
    }
}
