<?php

declare(strict_types=1);

namespace Zumbo\App\Sets\Interval;

use Zumbo\App\Shared\Interval\ClockPhaseView;
use Zumbo\App\Shared\Interval\StationStripView;
use Zumbo\App\Shared\SentenceView;
use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Measure\Rate;
use Zumbo\Core\Sets\Interval\ClockPhase;
use Zumbo\Core\Sets\Interval\IntervalProgramme;
use Zumbo\Core\Stage\Stage;

/**
 * An interval set with its phases and totals.
 */
final readonly class IntervalView
{
    /**
     * @param list<string>           $stations of the one block
     * @param list<ClockPhaseView>   $phases
     * @param list<StationStripView> $strips   what is done, each once
     * @param list<PresetView>       $presets
     */
    private function __construct(
        public string $athleteId,
        /** Under which it is logged. */
        public string $code,
        /** What is counted when it is logged. */
        public CountKind $countKind,
        /** To be read again, or copied. */
        public string $text,
        /** It is one block of work and rest, as its fields have it; else they are those of a usual one. */
        public bool $oneBlock,
        public int $workS,
        public int $restS,
        public int $rounds,
        public array $stations,
        public array $phases,
        public array $strips,
        /** How often one works. */
        public int $works,
        public int $totalWorkS,
        public int $totalRestS,
        public int $totalS,
        public bool $keepLastRest,
        public int $totalWithLastRestS,
        public int $totalWithoutLastRestS,
        /** By what is done in each interval. */
        public int $contacts,
        public SentenceView $load,
        public array $presets,
    ) {
    }

    public static function of(
        string $athleteId,
        IntervalProgramme $set,
        CountKind $countKind,
        Stage $stage,
        Rate $own,
        SentenceView $load,
    ): self {
        $block = $set->block();
        $usual = new IntervalInput();

        return new self(
            $athleteId,
            IntervalProgramme::CODE,
            $countKind,
            $set->text(),
            null !== $block,
            $block->workS ?? $usual->workS,
            $block->restS ?? $usual->restS,
            $block->rounds ?? $usual->rounds,
            $block->stations ?? [],
            array_map(static fn (ClockPhase $phase): ClockPhaseView => ClockPhaseView::of($phase, $stage, $own), $set->phases),
            StationStripView::ofAll($set->phases, $stage, $own),
            $set->works(),
            $set->totalWorkS(),
            $set->totalRestS(),
            $set->totalS(),
            $set->keepsLastRest,
            $set->totalWithLastRestS(),
            $set->totalWithoutLastRestS(),
            $set->contacts($own, $stage),
            $load,
            PresetView::all(),
        );
    }
}
