<?php

declare(strict_types=1);

namespace Zumbo\App\Rhythm\Sensor;

use Zumbo\App\Shared\SentenceView;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Rhythm\RhythmReport;
use Zumbo\Core\Rhythm\Take;

/**
 * What the sensor tells the gym's screens while somebody jumps: what happened since it spoke last, and the sum so far.
 */
final readonly class SensorEvent
{
    /**
     * @param list<float> $turnsS    since the last event
     * @param list<float> $landingsS since the last event
     */
    private function __construct(
        /** Id of the run. */
        public string $sensor,
        public array $turnsS,
        public array $landingsS,
        public int $jumps,
        /** Each kind apart, as a sentence. */
        public SentenceView $counts,
        public int $misses,
        public ?float $cadencePerMin,
        public ?float $variation,
        public bool $over,
        /** Why it fell silent before its end. */
        public ?string $fault,
    ) {
    }

    public static function of(string $runId, Take $since, RhythmReport $soFar, bool $over): self
    {
        return new self(
            $runId,
            $since->turnsS,
            $since->landingsS,
            \count($soFar->passes),
            SentenceView::of($soFar->counts, LengthUnit::Centimetre),
            \count($soFar->misses),
            $soFar->held?->cadence(),
            $soFar->held?->scatter(),
            $over,
            null,
        );
    }

    /** A run that comes to no end: whoever listens is told, instead of waiting for ever. */
    public static function silent(string $runId, string $fault): self
    {
        $nothing = SentenceView::of(RhythmReport::of(Take::of([], []))->counts, LengthUnit::Centimetre);

        return new self($runId, [], [], 0, $nothing, 0, null, null, true, $fault);
    }
}
