<?php

declare(strict_types=1);

namespace Zumbo\App\Ropes;

use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Platform\Api\SentenceView;
use Zumbo\App\Platform\Clock\LocalDay;
use Zumbo\App\Record\Athlete;
use Zumbo\App\Record\Athletes;
use Zumbo\App\Record\Attempts;
use Zumbo\App\Record\Gym;
use Zumbo\App\Record\Gyms;
use Zumbo\App\Record\Rope;
use Zumbo\App\Record\Ropes;
use Zumbo\Core\Gear\TailCut;
use Zumbo\Core\Gear\TrimGate;
use Zumbo\Core\Gear\TrimOutcome;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Rope\RopeAdvice;
use Zumbo\Core\Rope\School;
use Zumbo\Core\Rope\SchoolRope;
use Zumbo\Core\Rope\TrimPath;

/**
 * Plans an athlete's trim path from the rope they have, and reads off the log whether the last step helped.
 */
final readonly class ShowTrim
{
    public function __construct(
        private Athletes $athletes,
        private Ropes $ropes,
        private Attempts $attempts,
        private Gyms $gyms,
        private SizeRope $size,
        private ClockInterface $clock,
    ) {
    }

    public function forAthlete(Uuid $id, TrimWish $wish): TrimView
    {
        $athlete = $this->athletes->get($id);
        $gym = $this->gyms->current();
        $goal = $this->goal($athlete, $wish);
        $ropes = $this->ropes->historyOf($id);
        if ([] === $ropes) {
            return new TrimView(null, $goal->school, $goal->cable->metres(), [], null, false, null, null, null, null, false, null, []);
        }
        $rope = $ropes[\count($ropes) - 1];
        $periods = LengthPeriod::split($ropes, $this->attempts->ofAthlete($id, $ropes[0]->createdAt()), $athlete->stage(), $this->clock->now());
        $last = $periods[\count($periods) - 1];
        $outcome = \count($periods) < 2 ? null : TrimOutcome::of($periods[\count($periods) - 2]->evidence, $last->evidence);
        $path = TrimPath::of(Length::ofMetres($rope->measure()->cableLengthM), $goal->cable, $wish->step());
        $gate = TrimGate::of($last->evidence);
        $tails = TailCut::of(Length::ofMetres($rope->measure()->cableLengthM), $goal->cable, $last->practices($gym->timeZone()), $outcome);
        $unit = $gym->unit();

        return new TrimView(
            RopeView::of($rope),
            $goal->school,
            $goal->cable->metres(),
            array_map(static fn ($step): TrimStepView => TrimStepView::of($step, $unit), $path->steps),
            SentenceView::of($path->advice, $unit),
            $gate->open,
            SentenceView::of($gate->verdict, $unit),
            $this->isOfToday($rope, $gym) ? SentenceView::of(Verdict::of('trim.once_a_session'), $unit) : null,
            $outcome?->advice,
            null === $outcome ? null : SentenceView::of($outcome->reason, $unit),
            $tails->allowed && null === $rope->tailsCutOn(),
            SentenceView::of(null === $rope->tailsCutOn() ? $tails->reason : Verdict::of('tails.cut'), $unit),
            array_map(static fn (LengthPeriod $period): PastLengthView => $period->view($gym->timeZone()), $periods),
        );
    }

    public function isOfToday(Rope $rope, Gym $gym): bool
    {
        return LocalDay::of($rope->createdAt(), $gym->timeZone())->getTimestamp() === LocalDay::of($this->clock->now(), $gym->timeZone())->getTimestamp();
    }

    private function goal(Athlete $athlete, TrimWish $wish): SchoolRope
    {
        $sizing = new SizingInput();

        return null === $wish->goal ? RopeAdvice::goal($this->size->schools($athlete, $sizing)) : $this->size->bySchool($athlete, $sizing, School::from($wish->goal));
    }
}
