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
use Zumbo\Core\Body\Figure;
use Zumbo\Core\Cable\CableAdvice;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Rope\Clearance;
use Zumbo\Core\Rope\Hands;
use Zumbo\Core\Rope\HeldRope;
use Zumbo\Core\Rope\RopeAdvice;
use Zumbo\Core\Rope\RopeSizing;
use Zumbo\Core\Rope\RopeTooShort;
use Zumbo\Core\Rope\School;
use Zumbo\Core\Rope\SchoolRope;

/**
 * Sizes an athlete's rope by all schools and draws the chosen one.
 */
final readonly class SizeRope
{
    public function __construct(private Athletes $athletes, private Gyms $gyms)
    {
    }

    public function forAthlete(Uuid $id, SizingInput $input): SizingView
    {
        $athlete = $this->athletes->get($id);
        $body = $athlete->toCore();
        $gym = $this->gyms->current();
        $unit = $gym->unit();
        $ropes = $this->schools($athlete, $input);
        $trim = $gym->trimSchoolOf($athlete);
        $advice = RopeAdvice::forStage($athlete->stage(), $ropes, $trim);
        $chosen = self::find($ropes, $input->school() ?? $advice->rope->school);
        $held = HeldRope::of(
            $input->cable() ?? $chosen->cable,
            Hands::level(Length::ofMetres(RopeSizing::USUAL_HAND_SPAN_M), $body->handHeight()),
        );
        $last = $ropes[\count($ropes) - 1];

        return new SizingView(
            $athlete->id()->toRfc4122(),
            $advice->rope->school,
            $chosen->school,
            array_map(SchoolRopeView::of(...), $ropes),
            $last->cable->minus($ropes[0]->cable)->metres(),
            SentenceView::listOf($advice->reasons, $unit),
            CableAdviceView::of(CableAdvice::forStage($athlete->stage(), $held->rope), $unit),
            FigureView::of(Figure::of($body), $body->handHeight()->metres()),
            TurningView::of($body, $held, null, Length::ofMetres(Clearance::USUAL_JUMP_M), $unit),
            $input->handle()->length->metres(),
            SentenceView::of($chosen->reachVerdict(), $unit),
            $trim,
            RopeAdvice::goal($ropes)->cable->metres(),
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
            $this->gyms->current()->unit(),
        );
    }

    /** The cable one school gives this athlete. */
    /** @param School|null $wanted null: what somebody who links doubles would begin with */
    public function goal(Athlete $athlete, ?School $wanted): SchoolRope
    {
        return null === $wanted
            ? RopeAdvice::goal($this->schools($athlete, new SizingInput()))
            : $this->bySchool($athlete, new SizingInput(), $wanted);
    }

    public function bySchool(Athlete $athlete, SizingInput $input, School $school): SchoolRope
    {
        return self::find($this->schools($athlete, $input), $school);
    }

    /**
     * @return non-empty-list<SchoolRope>
     */
    public function schools(Athlete $athlete, SizingInput $input): array
    {
        $ropes = RopeSizing::of(
            $athlete->toCore(),
            $input->handle(),
            Length::ofMetres(RopeSizing::USUAL_SPARE_M),
        )->allSchools($input->stance());

        return [] === $ropes ? throw new \LogicException('there are schools') : $ropes;
    }

    /**
     * @param non-empty-list<SchoolRope> $ropes
     */
    private static function find(array $ropes, School $school): SchoolRope
    {
        foreach ($ropes as $rope) {
            if ($rope->school === $school) {
                return $rope;
            }
        }
        throw new \LogicException('every school gives a rope');
    }
}
