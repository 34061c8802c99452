<?php

declare(strict_types=1);

namespace Zumbo\Core\Today;

use Zumbo\Core\Body\Growing;
use Zumbo\Core\Gear\TailCut;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\Term;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Rope\RightLength;
use Zumbo\Core\Rope\RopeAdvice;
use Zumbo\Core\Rope\School;
use Zumbo\Core\Rope\SchoolRope;
use Zumbo\Core\Rope\TrimPath;

/**
 * The one verdict about an athlete's rope: goal, difference, state, the one next step, whether its tails may be cut,
 * and why. Size, Check, Trim, the card, the class, the rack, the faults and the command line all read it here.
 *
 * Right within RightLength's limits. Longer is on its way down where one starts
 * long and trims, up to what the longest school for the first weeks gives, and too long elsewhere. Shorter is outgrown
 * when the athlete has grown since it was sized: let out from the spare where that suffices, and nothing is cut while
 * somebody grows (common practice; the numbers our assumption).
 */
final readonly class RopeNeeds
{
    /**
     * @param list<Verdict> $reasons the state first, then what it rests on
     */
    private function __construct(
        public RopeState $state,
        /** Null: the handles are not known. */
        public ?SchoolRope $goal,
        /** Today's cable − the goal's; null: no rope, or no goal to compare it with. */
        public ?Length $offBy,
        public NextStep $next,
        /** Trims from today's cable to the goal, the next one first; of a right rope what may still come off. */
        public ?TrimPath $path,
        public bool $mayCut,
        public Verdict $tails,
        public array $reasons,
    ) {
    }

    /** @param OwnRope|null $rope null: none yet */
    public static function of(
        RopeWanted $wanted,
        ?OwnRope $rope,
        Growing $growing,
        ?Length $stepPerSide = null,
    ): self {
        $goal = $wanted->goal($rope?->stance);
        $off = null === $goal || null === $rope ? null : $rope->cable->minus($goal->cable);
        $path = null === $goal || null === $rope
            ? null
            : TrimPath::of(
                $rope->cable,
                $goal->cable,
                $stepPerSide ?? Length::ofMetres(TrimPath::USUAL_STEP_M),
            );
        $state = self::state($wanted, $rope, $goal, $off);
        $next = self::next($state, $wanted, $rope, $off, $path);
        $tails = self::tails($state, $rope, $goal, $growing);

        return new self(
            $state,
            $goal,
            $off,
            $next,
            $path,
            $tails->allowed,
            $tails->reason,
            self::reasons($state, $next, $wanted, $rope, $goal, $off, $path),
        );
    }

    /** Right, or right for now: the rope is not what is to be mended first. */
    public function isFine(): bool
    {
        return RopeState::Right === $this->state || RopeState::OnItsWay === $this->state;
    }

    /** As it is told while nobody knows the handles: the goal overall, and no length of a cable. */
    public function inOverall(): self
    {
        if (null === $this->goal) {
            return $this;
        }
        [$first, $school] = $this->reasons;

        return new self(
            $this->state,
            $this->goal,
            $this->offBy,
            $this->next,
            $this->path,
            $this->mayCut,
            $this->tails,
            [
                Verdict::of($first->code, ['goal_m' => $this->goal->overall->metres()] + $first->values),
                $school,
                Verdict::of('verdict.overall'),
            ],
        );
    }

    private static function state(
        RopeWanted $wanted,
        ?OwnRope $rope,
        ?SchoolRope $goal,
        ?Length $off,
    ): RopeState {
        if (null !== $rope && !$rope->sound) {
            return RopeState::NotSound;
        }
        if (null === $rope || null === $rope->stance || null === $goal || null === $off) {
            return RopeState::Unknown;
        }

        return match (true) {
            RightLength::isTooShort($off) => $rope->wasSizedForSomebodySmaller($wanted->body->stature)
                ? RopeState::Outgrown
                : RopeState::TooShort,
            !RightLength::isTooLong($off) => RopeState::Right,
            $wanted->trim->startsLong() && $off->compareTo(self::roomToStart($wanted, $rope, $goal)) <= 0 => RopeState::OnItsWay,
            default => RopeState::TooLong,
        };
    }

    /** So much longer than the goal may a first rope be: as long as the shoulder school's, with the room of a right one. */
    private static function roomToStart(RopeWanted $wanted, OwnRope $rope, SchoolRope $goal): Length
    {
        $longest = $wanted->bySchool(School::Shoulder, $rope->stance)->cable ?? $goal->cable;

        return $longest->minus($goal->cable)->plus(Length::ofMetres(RightLength::MOST_LONG_M + RightLength::ROUNDING_M));
    }

    private static function next(
        RopeState $state,
        RopeWanted $wanted,
        ?OwnRope $rope,
        ?Length $off,
        ?TrimPath $path,
    ): NextStep {
        $missingPerSide = null === $off ? null : $off->times(-0.5);

        return match ($state) {
            RopeState::Right => NextStep::of(RopeAction::Keep),
            RopeState::OnItsWay, RopeState::TooLong => NextStep::of(RopeAction::Trim, $path?->steps[0]->offPerSide),
            RopeState::NotSound => NextStep::of(RopeAction::Buy),
            RopeState::Unknown => NextStep::of(match (true) {
                null === $wanted->handle => RopeAction::AskHandles,
                null !== $rope => RopeAction::AskStance,
                default => RopeAction::Buy,
            }),
            RopeState::TooShort, RopeState::Outgrown => match (true) {
                null !== $missingPerSide
                    && null !== $rope
                    && $missingPerSide->metres() <= $rope->sparePerSide->metres() + RightLength::ROUNDING_M => NextStep::of(
                        RopeAction::LetOut,
                        $missingPerSide,
                    ),
                RopeState::Outgrown === $state => NextStep::of(RopeAction::Buy),
                default => NextStep::of(RopeAction::SizeAnew),
            },
        };
    }

    private static function tails(RopeState $state, ?OwnRope $rope, ?SchoolRope $goal, Growing $growing): TailCut
    {
        return match (true) {
            null === $rope, null === $goal => TailCut::locked(Verdict::of('tails.no_length')),
            $rope->tailsCut => TailCut::locked(Verdict::of('tails.cut')),
            null !== $growing->reason => TailCut::locked($growing->reason),
            RopeState::Right !== $state && RopeState::OnItsWay !== $state && RopeState::TooLong !== $state => TailCut::locked(
                Verdict::of('tails.not_right'),
            ),
            default => TailCut::of($rope->cable, $goal->cable, $rope->practices, $rope->lastTrim),
        };
    }

    /**
     * @return list<Verdict>
     */
    private static function reasons(
        RopeState $state,
        NextStep $next,
        RopeWanted $wanted,
        ?OwnRope $rope,
        ?SchoolRope $goal,
        ?Length $off,
        ?TrimPath $path,
    ): array {
        if (null === $goal) {
            return [$wanted->unhandled($rope?->stance)->verdict(), $wanted->inForce->reason];
        }
        $values = [
            'goal_m' => $goal->cable->metres(),
            'school' => Term::of($goal->school),
            'cable_m' => $rope?->cable->metres() ?? 0.0,
            // Of the lengths as they are said: 264 is 20 longer than 244.
            'off_m' => abs($rope?->cable->toTheCentimetre()->minus($goal->cable->toTheCentimetre())->metres() ?? 0.0),
            'per_side_m' => $next->perSide?->metres() ?? 0.0,
            'steps' => \count($path->steps ?? []),
            'spare_m' => $rope?->sparePerSide->metres() ?? 0.0,
            'then_m' => $rope?->sizedStature?->metres() ?? 0.0,
            'now_m' => $wanted->body->stature->metres(),
        ];
        $later = $wanted->later($rope?->stance);

        return [
            Verdict::of(self::code($state, $next, $wanted, $rope, $values['off_m']), $values),
            $wanted->inForce->reason,
            ...array_filter([
                null === $later ? null : RopeAdvice::later($goal, $later, $wanted->stage->phase()),
            ]),
        ];
    }

    private static function code(
        RopeState $state,
        NextStep $next,
        RopeWanted $wanted,
        ?OwnRope $rope,
        float $offM,
    ): string {
        return match ($state) {
            RopeState::Right => $offM < TrimPath::FINEST_M ? 'verdict.right' : 'verdict.right_within',
            RopeState::OnItsWay => 'verdict.on_its_way',
            RopeState::TooLong => 'verdict.too_long',
            RopeState::NotSound => 'verdict.not_sound',
            RopeState::Unknown => null === $rope ? 'verdict.none' : 'verdict.ask_stance',
            RopeState::Outgrown => RopeAction::LetOut === $next->action
                ? 'verdict.outgrown_let_out'
                : 'verdict.outgrown_buy',
            RopeState::TooShort => RopeAction::LetOut === $next->action
                ? 'verdict.too_short_let_out'
                : 'verdict.too_short',
        };
    }
}
