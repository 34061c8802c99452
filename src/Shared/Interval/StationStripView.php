<?php

declare(strict_types=1);

namespace Zumbo\App\Shared\Interval;

use Zumbo\App\Shared\BeatView;
use Zumbo\Core\Measure\Rate;
use Zumbo\Core\Rhythm\JumpRun;
use Zumbo\Core\Rhythm\Pattern;
use Zumbo\Core\Rhythm\PatternTiming;
use Zumbo\Core\Sets\Interval\ClockPhase;
use Zumbo\Core\Sets\Interval\PhaseKind;
use Zumbo\Core\Sets\Interval\StationWork;
use Zumbo\Core\Stage\Stage;

/**
 * What is done at one station: its beat as a strip, and what to expect of one interval of it.
 */
final readonly class StationStripView
{
    /** So many jumps show a beat. */
    private const SHOWN = 6;

    /**
     * @param list<BeatView> $beats empty: no rope turns
     */
    private function __construct(
        /** Null: the set's own jumps. */
        public ?string $name,
        public int $seconds,
        public array $beats,
        /** "6 tall singles"; empty: no rope turns. */
        public string $text,
        public float $contactsPerMinute,
        /** Of one interval. */
        public float $contacts,
        /** After so many seconds what is to be done is done; null: it goes by the clock. */
        public ?float $targetS,
    ) {
    }

    /**
     * @param list<ClockPhase> $phases
     *
     * @return list<self> each station once for each length
     */
    public static function ofAll(array $phases, Stage $stage, Rate $own): array
    {
        $found = [];
        foreach ($phases as $phase) {
            if (PhaseKind::Work === $phase->kind) {
                $found[$phase->station.' '.$phase->seconds] ??= self::of($phase, $stage, $own);
            }
        }

        return array_values($found);
    }

    private static function of(ClockPhase $phase, Stage $stage, Rate $own): self
    {
        $work = StationWork::at($phase->station, $stage, $own);
        $pattern = null === $work->kind ? null : Pattern::of([new JumpRun($work->kind, self::SHOWN)]);

        return new self(
            $phase->station,
            $phase->seconds,
            null === $pattern
                ? []
                : array_map(BeatView::of(...), PatternTiming::of($pattern, Rate::perMinute(max(20.0, $work->contactsPerMinute)))),
            $pattern?->text() ?? '',
            $work->contactsPerMinute,
            $work->contacts($phase->seconds),
            $work->secondsForTarget(),
        );
    }
}
