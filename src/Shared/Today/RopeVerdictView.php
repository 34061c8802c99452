<?php

declare(strict_types=1);

namespace Zumbo\App\Shared\Today;

use Zumbo\App\Shared\SentenceView;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Measure\Term;
use Zumbo\Core\Messages\MessageCatalogue;
use Zumbo\Core\Rope\School;
use Zumbo\Core\Rope\Stance;
use Zumbo\Core\Today\RopeAction;
use Zumbo\Core\Today\RopeNeeds;
use Zumbo\Core\Today\RopeState;
use Zumbo\Core\Today\RopeWanted;

/**
 * The one verdict about an athlete's rope.
 */
final readonly class RopeVerdictView
{
    /**
     * @param list<SentenceView> $reasons the state first
     */
    private function __construct(
        public RopeState $state,
        /** "on its way down". */
        public string $stateName,
        /** In force for athlete and stage. */
        public School $school,
        public string $schoolName,
        /** Set for this athlete by the coach. */
        public bool $schoolChosen,
        /** Cable; null: the handles are not known. */
        public ?float $goalM,
        /** Handles included; null: read at the cable ends, and the handles are not known. */
        public ?float $goalOverallM,
        /** Today's cable − the goal's; null: nothing to compare. */
        public ?float $offByM,
        public RopeAction $next,
        public string $nextName,
        /** Taken off or let out at each side. */
        public ?float $perSideM,
        public int $stepsToGo,
        public bool $mayCut,
        /** Why the tails may be cut, or may not. */
        public SentenceView $tails,
        public array $reasons,
    ) {
    }

    public static function of(RopeNeeds $needs, RopeWanted $wanted, ?Stance $stance, LengthUnit $unit): self
    {
        $goal = null === $wanted->handle ? null : $needs->goal;
        $open = $wanted->unhandled($stance);

        return new self(
            $needs->state,
            MessageCatalogue::name(Term::of($needs->state)),
            $wanted->inForce->school,
            MessageCatalogue::name(Term::of($wanted->inForce->school)),
            $wanted->inForce->byCoach,
            $goal?->cable->metres() ?? $open->cable?->metres(),
            $goal?->overall->metres() ?? $open->overall?->metres(),
            $needs->offBy?->metres(),
            $needs->next->action,
            MessageCatalogue::name(Term::of($needs->next->action)),
            $needs->next->perSide?->metres(),
            \count($needs->path->steps ?? []),
            $needs->mayCut,
            SentenceView::of($needs->tails, $unit),
            SentenceView::listOf($needs->reasons, $unit),
        );
    }

    public static function ofJudged(Judged $judged, LengthUnit $unit): self
    {
        return self::of($judged->today->rope, $judged->wanted, $judged->rope?->spec()->stance, $unit);
    }
}
