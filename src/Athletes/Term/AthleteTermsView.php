<?php

declare(strict_types=1);

namespace Zumbo\App\Athletes\Term;

use Zumbo\Core\Body\BirthYear;

/**
 * The words that forms about athletes need; they change only with the app.
 */
final readonly class AthleteTermsView
{
    /**
     * @param list<HandTermView>       $hands
     * @param list<ExperienceTermView> $experiences
     * @param list<CautionTermView>    $cautions
     * @param list<BodyPartTermView>   $bodyParts
     * @param list<StageTermView>      $stages
     */
    private function __construct(
        public array $hands,
        public array $experiences,
        public array $cautions,
        public array $bodyParts,
        public array $stages,
        public int $leastBirthYear,
        public int $mostBirthYear,
    ) {
    }

    public static function all(): self
    {
        return new self(
            HandTermView::all(),
            ExperienceTermView::all(),
            CautionTermView::all(),
            BodyPartTermView::all(),
            StageTermView::all(),
            BirthYear::LEAST,
            BirthYear::MOST,
        );
    }
}
