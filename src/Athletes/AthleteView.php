<?php

declare(strict_types=1);

namespace Zumbo\App\Athletes;

use Zumbo\App\Entity\Gym\Role;
use Zumbo\App\Entity\People\DominantHand;
use Zumbo\App\Shared\SentenceView;
use Zumbo\App\Shared\Today\AllowanceView;
use Zumbo\App\Shared\Today\Judged;
use Zumbo\App\Shared\Today\RopeVerdictView;
use Zumbo\Core\Body\Consent;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Measure\Term;
use Zumbo\Core\Messages\MessageCatalogue;
use Zumbo\Core\Rope\School;
use Zumbo\Core\Rope\TrimSchool;
use Zumbo\Core\Sets\Ladder\LadderFamily;
use Zumbo\Core\Stage\Experience;
use Zumbo\Core\Stage\Stage;
use Zumbo\Core\Today\Attendance;

/**
 * An athlete as the client sees them.
 */
final readonly class AthleteView
{
    /**
     * @param list<CautionView> $cautions that stand; none for helpers
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
        /** @var list<Stage> the stages in their order; a method may leave one out */
        public array $path,
        /** @var list<LadderFamily> those that their method climbs */
        public array $ladders,
        /** A pattern to begin with, as the notation writes it. */
        public string $usualPattern,
        public ?int $birthYear,
        public bool $guardianConsent,
        /** Younger than 18, and nobody has agreed to what is kept: ask a guardian. */
        public bool $needsConsent,
        /** When somebody who grows is due to be measured. */
        public ?SentenceView $measureAgain,
        /** Local day of the next measuring of somebody who grows. */
        public ?string $measureNextOn,
        public TapedView $taped,
        /** Null: as the gym does it. */
        public ?TrimSchool $trimSchool,
        /** Chosen by the coach; null: by stage. */
        public ?School $school,
        /** Of one of their handles; null: not known. */
        public ?float $handleLengthM,
        public array $cautions,
        public AllowanceView $allowance,
        public ?OwnRopeView $rope,
        /** Came along for this evening. */
        public bool $guest,
        /** Not seen for two weeks or more. */
        public bool $missed,
        public RopeVerdictView $ropeVerdict,
        public bool $removed,
        public int $version,
    ) {
    }

    public static function of(
        Judged $judged,
        ?SentenceView $measureAgain,
        ?\DateTimeImmutable $measureNextOn,
        int $year,
        Role $reader,
        LengthUnit $unit,
        ?int $seenDaysAgo,
    ): self {
        $athlete = $judged->athlete;
        $profile = $athlete->profile();
        $method = $judged->gates->ways->method;

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
            $method->path($athlete->stage()),
            LadderFamily::jumpedBy($method),
            $method->usualPattern(),
            $profile->birthYear,
            $profile->guardianConsent,
            Consent::isMissing($profile->birthYear, $profile->guardianConsent, $year),
            $measureAgain,
            $measureNextOn?->format('Y-m-d'),
            TapedView::of($athlete->taped()),
            $athlete->trimSchool(),
            $athlete->school(),
            $judged->wanted->handle?->length->metres(),
            $reader->mayReadHealthNotes() ? CautionView::standing($judged) : [],
            AllowanceView::of($judged->today, $reader),
            null === $judged->rope ? null : OwnRopeView::of($judged->rope),
            null !== $athlete->guestOn(),
            Attendance::isMissed($seenDaysAgo),
            RopeVerdictView::ofJudged($judged, $unit),
            $athlete->isRemoved(),
            $athlete->version(),
        );
    }
}
