<?php

declare(strict_types=1);

namespace Zumbo\App\Rhythm\Take;

use Zumbo\App\Shared\ObservedView;
use Zumbo\App\Shared\SentenceView;
use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Drill\TakeEntry;
use Zumbo\Core\Fault\MeasuredSigns;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Rhythm\Evenness;
use Zumbo\Core\Rhythm\RhythmReport;

/**
 * What a take says, and at most one thing to change.
 */
final readonly class TakeView
{
    /**
     * @param list<int>           $passes  of each jump
     * @param list<TakeEntryView> $entries what goes to the log, by what the drill counts
     */
    private function __construct(
        public int $jumps,
        public int $turns,
        public array $passes,
        /** Null: fewer than two landings. */
        public ?float $cadencePerMin,
        /** From jump to jump, as a share of the interval; null: too few. */
        public ?float $variation,
        public ?Evenness $evenness,
        public ?float $driftPerMin,
        public int $pauses,
        public int $misses,
        public int $doubleBounces,
        public int $longestStreak,
        /** From 1; null: none, or no target. */
        public ?int $firstBroken,
        public SentenceView $verdict,
        /** What was done, each kind apart. */
        public SentenceView $counts,
        /** How long one stood still; null: never. */
        public ?SentenceView $pause,
        public array $entries,
        /** From the first landing to the last. */
        public float $seconds,
        /** For the fault board. */
        public ObservedView $observed,
    ) {
    }

    public static function of(RhythmReport $reading): self
    {
        $variation = $reading->held?->scatter();

        return new self(
            \count($reading->passes),
            $reading->turns,
            $reading->passes,
            $reading->held?->cadence(),
            $variation,
            null === $variation ? null : Evenness::ofVariation($variation),
            $reading->held?->driftPerMinute,
            \count($reading->beat->pauses ?? []),
            \count($reading->misses),
            \count($reading->bounces),
            max([0, ...array_column($reading->streaks, 'reps')]),
            $reading->firstBroken,
            SentenceView::of($reading->verdict, LengthUnit::Centimetre),
            SentenceView::of($reading->counts, LengthUnit::Centimetre),
            null === $reading->pause ? null : SentenceView::of($reading->pause, LengthUnit::Centimetre),
            array_map(
                static fn (CountKind $countKind): TakeEntryView => TakeEntryView::of(
                    TakeEntry::of($reading, $countKind),
                ),
                CountKind::cases(),
            ),
            $reading->seconds,
            ObservedView::of(MeasuredSigns::ofTake($reading)),
        );
    }
}
