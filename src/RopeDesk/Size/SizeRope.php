<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Size;

use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Entity\People\Athlete;
use Zumbo\App\Entity\People\Athletes;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\App\RopeDesk\Size\Picture\ArcInput;
use Zumbo\App\RopeDesk\Size\Picture\FigureView;
use Zumbo\App\RopeDesk\Size\Picture\HandLimitsView;
use Zumbo\App\RopeDesk\Size\Picture\TurningView;
use Zumbo\App\Shared\SentenceView;
use Zumbo\App\Shared\Today\Judged;
use Zumbo\App\Shared\Today\JudgeToday;
use Zumbo\App\Shared\Today\RopeVerdictView;
use Zumbo\Core\Body\Figure;
use Zumbo\Core\Cable\CableAdvice;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Rope\Clearance;
use Zumbo\Core\Rope\Hands;
use Zumbo\Core\Rope\HeldRope;
use Zumbo\Core\Rope\Reach;
use Zumbo\Core\Rope\RopeAdvice;
use Zumbo\Core\Rope\RopeSizing;
use Zumbo\Core\Rope\RopeTooShort;
use Zumbo\Core\Rope\School;
use Zumbo\Core\Rope\SchoolRope;
use Zumbo\Core\Rope\Stance;
use Zumbo\Core\Rope\UnhandledRope;
use Zumbo\Core\Today\RopeWanted;

/**
 * Sizes an athlete's rope by all schools and draws the chosen one.
 */
final readonly class SizeRope
{
    public function __construct(private Athletes $athletes, private JudgeToday $judge, private Gyms $gyms)
    {
    }

    public function forAthlete(Uuid $id, SizingInput $input): SizingView
    {
        $judged = $this->judge->athlete($this->athletes->get($id));
        $wanted = $this->wanted($judged, $input);
        $stance = $input->stance() ?? $judged->rope?->spec()->stance;
        $school = $input->school() ?? $wanted->inForce->school;
        $gym = $this->gyms->current();
        $unit = $gym->unit();
        $chosen = $wanted->bySchool($school, $stance);
        $cable = $input->cable() ?? $chosen?->cable;
        $held = null === $cable ? null : HeldRope::of(
            $cable,
            Hands::level(Length::ofMetres(RopeSizing::USUAL_HAND_SPAN_M), $wanted->body->handHeight()),
        );
        [$rows, $spread] = self::rows($wanted, $stance);

        return new SizingView(
            $id->toRfc4122(),
            $wanted->inForce->school,
            $school,
            $rows,
            $spread->metres(),
            SentenceView::listOf(self::reasons($wanted, $stance), $unit),
            null === $held
                ? null
                : CableAdviceView::of(CableAdvice::forStage($wanted->stage, $held->rope), $unit),
            FigureView::of(Figure::of($wanted->body), $wanted->body->handHeight()->metres()),
            null === $held
                ? null
                : TurningView::of($wanted->body, $held, null, Length::ofMetres(Clearance::USUAL_JUMP_M), $gym),
            $wanted->handle?->length->metres(),
            SentenceView::of(self::reach($wanted, $input, $chosen, $school, $stance), $unit),
            $gym->trimSchoolOf($judged->athlete),
            $wanted->goal($stance)?->cable->metres(),
            RopeVerdictView::ofJudged($judged, $unit),
            HandLimitsView::ofCore(),
            SizingSourcesView::in($unit, Length::ofMetres(TurningView::DRAWN_DRIFT_M)),
        );
    }

    /** A cable in hands that were moved: what is drawn while they are dragged. */
    public function turning(Uuid $id, ArcInput $input): TurningView
    {
        $body = $this->athletes->get($id)->toCore();
        try {
            $held = HeldRope::of($input->cable(), $input->hands($body->handHeight()));
        } catch (RopeTooShort $e) {
            throw BadField::of(
                'cable',
                $input->cable,
                'a cable longer than the hands are apart',
                ucfirst($e->getMessage()).'.',
            );
        }

        return TurningView::of(
            $body,
            $held,
            $input->ahead(),
            Length::ofMetres(Clearance::USUAL_JUMP_M),
            $this->gyms->current(),
        );
    }

    /**
     * The cable one school gives this athlete.
     *
     * @throws BadField when the handles are not known
     */
    public function bySchool(Athlete $athlete, SizingInput $input, School $school): SchoolRope
    {
        $judged = $this->judge->athlete($athlete);

        return $this->wanted($judged, $input)->bySchool($school, $input->stance())
            ?? throw BadField::of('handle', null, 'the length of one handle, like 15 cm');
    }

    private function wanted(Judged $judged, SizingInput $input): RopeWanted
    {
        $handle = $input->handle();

        return null === $handle ? $judged->wanted : $judged->wanted->withHandle($handle);
    }

    /**
     * @return array{list<SchoolRopeView>, Length} the shortest first, in one order with any handles, so that whoever
     *                                             goes through them keeps their place; and how far they lie apart
     */
    private static function rows(RopeWanted $wanted, ?Stance $stance): array
    {
        $measuring = $wanted->measuring->in($stance);
        $open = UnhandledRope::allSchools($wanted->body, $measuring->stance, $measuring->reading);
        if (null === $wanted->handle) {
            $overall = array_map(
                static fn (Length $one): float => $one->metres(),
                array_filter(array_map(static fn (UnhandledRope $rope): ?Length => $rope->overall, $open)),
            );

            return [
                array_map(SchoolRopeView::open(...), $open),
                Length::ofMetres([] === $overall ? 0.0 : max($overall) - min($overall)),
            ];
        }
        $ropes = self::allSchools($wanted, $stance);
        $spread = $ropes[\count($ropes) - 1]->cable->minus($ropes[0]->cable);
        $place = array_flip(array_map(static fn (UnhandledRope $rope): string => $rope->school->value, $open));
        usort(
            $ropes,
            static fn (SchoolRope $a, SchoolRope $b): int => $place[$a->school->value] <=> $place[$b->school->value],
        );

        return [array_map(SchoolRopeView::of(...), $ropes), $spread];
    }

    /**
     * @return non-empty-list<SchoolRope>
     */
    private static function allSchools(RopeWanted $wanted, ?Stance $stance): array
    {
        $ropes = array_filter(
            array_map(static fn (School $school): ?SchoolRope => $wanted->bySchool($school, $stance), School::cases()),
        );
        usort($ropes, static fn (SchoolRope $a, SchoolRope $b): int => $a->cable->compareTo($b->cable));

        return [] === $ropes ? throw new \LogicException('there are schools') : $ropes;
    }

    /**
     * @return list<Verdict>
     */
    private static function reasons(RopeWanted $wanted, ?Stance $stance): array
    {
        $goal = $wanted->goal($stance);
        if (null === $goal) {
            return [$wanted->unhandled($stance)->verdict(), $wanted->inForce->reason];
        }
        $later = $wanted->later($stance);

        return [
            ...RopeAdvice::of(
                $wanted->body,
                $wanted->inForce,
                $goal,
                $wanted->stage,
                self::allSchools($wanted, $stance),
            )->reasons,
            ...array_filter([
                null === $later ? null : RopeAdvice::later($goal, $later, $wanted->stage->phase()),
            ]),
        ];
    }

    /** Where this length reaches, when the coach set one; else where the school's must. */
    private static function reach(
        RopeWanted $wanted,
        SizingInput $input,
        ?SchoolRope $chosen,
        School $school,
        ?Stance $stance,
    ): Verdict {
        $cable = $input->cable();
        if (null !== $cable && null !== $wanted->handle) {
            return Reach::ofCable(
                $wanted->body,
                $wanted->handle,
                $wanted->measuring->in($stance)->stanceOf($school),
                $cable,
            )->verdict();
        }

        return $chosen?->reachVerdict() ?? $wanted->unhandledBySchool($school, $stance)->verdict();
    }
}
