<?php

declare(strict_types=1);

namespace Zumbo\App\Sets;

use Zumbo\App\Shared\SentenceView;
use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Sets\Interval\IntervalSet;

/**
 * An interval set with its phases and totals.
 */
final readonly class IntervalView
{
    /**
     * @param list<string>         $stations
     * @param list<ClockPhaseView> $phases
     */
    private function __construct(
        public string $athleteId,
        /** Under which it is logged. */
        public string $code,
        /** What is counted when it is logged. */
        public CountKind $countKind,
        /** To be read again, or copied. */
        public string $text,
        public int $workS,
        public int $restS,
        public int $rounds,
        public array $stations,
        public array $phases,
        /** How often one works. */
        public int $works,
        public int $totalWorkS,
        public int $totalRestS,
        public int $totalS,
        /** If the beat is kept all the time. */
        public int $contacts,
        public SentenceView $load,
    ) {
    }

    public static function of(
        string $athleteId,
        IntervalSet $set,
        CountKind $countKind,
        int $contacts,
        SentenceView $load,
    ): self {
        return new self(
            $athleteId,
            IntervalSet::CODE,
            $countKind,
            $set->text(),
            $set->workS,
            $set->restS,
            $set->rounds,
            $set->stations,
            array_map(ClockPhaseView::of(...), $set->phases()),
            $set->worksCount(),
            $set->totalWorkS(),
            $set->totalRestS(),
            $set->totalS(),
            $contacts,
            $load,
        );
    }
}
