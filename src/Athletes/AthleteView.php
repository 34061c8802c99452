<?php

declare(strict_types=1);

namespace Zumbo\App\Athletes;

use Zumbo\App\Entity\Gym\Role;
use Zumbo\App\Entity\People\Athlete;
use Zumbo\App\Entity\People\DominantHand;
use Zumbo\App\Entity\Ropes\Rope;
use Zumbo\App\Shared\SentenceView;
use Zumbo\Core\Body\Caution;
use Zumbo\Core\Body\Consent;
use Zumbo\Core\Measure\Term;
use Zumbo\Core\Messages\MessageCatalogue;
use Zumbo\Core\Rope\TrimSchool;
use Zumbo\Core\Stage\Experience;
use Zumbo\Core\Stage\Stage;

/**
 * An athlete as the client sees them.
 */
final readonly class AthleteView
{
    /**
     * @param list<CautionView> $cautions
     */
    private function __construct(
        public string $id,
        public string $name,
        public float $statureM,
        public DominantHand $dominantHand,
        public string $handName,
        public Experience $experience,
        public string $experienceName,
        public Stage $stage,
        public string $stageName,
        /** 1 to 10. */
        public int $stageNumber,
        public ?int $birthYear,
        public bool $guardianConsent,
        /** Younger than 18, and nobody has agreed to what is kept: ask a guardian. */
        public bool $needsConsent,
        /** When the rope was sized for somebody smaller. */
        public ?SentenceView $growth,
        /** When somebody who grows is due to be measured. */
        public ?SentenceView $measureAgain,
        public TapedView $taped,
        /** Null: as the gym does it. */
        public ?TrimSchool $trimSchool,
        public array $cautions,
        /** Null for helpers: health notes are for coaches. */
        public ?string $cautionNote,
        public ?OwnRopeView $rope,
        public bool $removed,
        public int $version,
    ) {
    }

    public static function of(
        Athlete $athlete,
        ?Rope $rope,
        ?SentenceView $growth,
        ?SentenceView $measureAgain,
        int $year,
        Role $reader,
    ): self {
        $profile = $athlete->profile();

        return new self(
            $athlete->id()->toRfc4122(),
            $profile->name,
            $profile->statureM,
            $profile->dominantHand,
            MessageCatalogue::name(Term::of($profile->dominantHand)),
            $profile->experience,
            MessageCatalogue::name(Term::of($profile->experience)),
            $athlete->stage(),
            MessageCatalogue::name(Term::of($athlete->stage())),
            $athlete->stage()->number(),
            $profile->birthYear,
            $profile->guardianConsent,
            Consent::isMissing($profile->birthYear, $profile->guardianConsent, $year),
            $growth,
            $measureAgain,
            TapedView::of($athlete->taped()),
            $athlete->trimSchool(),
            array_map(static fn (Caution $caution): CautionView => CautionView::of($caution), $profile->cautions()),
            $reader->mayReadHealthNotes() ? $profile->cautionNote : null,
            null === $rope ? null : OwnRopeView::of($rope),
            $athlete->isRemoved(),
            $athlete->version(),
        );
    }
}
