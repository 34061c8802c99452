<?php

declare(strict_types=1);

namespace Zumbo\App\Sets\Ladder;

use Zumbo\App\Shared\SentenceView;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Sets\Ladder\LadderFit;

/**
 * The ladder that fits an athlete, and what else would.
 */
final readonly class LadderFitView
{
    /**
     * @param list<FittedView> $alternatives
     */
    private function __construct(
        public string $athleteId,
        /** Null: nothing of that shape is in reach, or fits the time and the contacts. */
        public ?FittedView $best,
        public array $alternatives,
        /** Where the chance of a miss is taken from. */
        public SentenceView $source,
    ) {
    }

    public static function of(string $athleteId, LadderFit $fit, Verdict $source): self
    {
        return new self(
            $athleteId,
            null === $fit->best ? null : FittedView::of($fit->best),
            array_map(FittedView::of(...), $fit->alternatives),
            SentenceView::of($source, LengthUnit::Centimetre),
        );
    }
}
