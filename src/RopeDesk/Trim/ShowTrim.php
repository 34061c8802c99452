<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Trim;

use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Entity\People\Athletes;
use Zumbo\App\Platform\Clock\LocalDay;
use Zumbo\App\RopeDesk\Keep\RopeView;
use Zumbo\App\Shared\SentenceView;
use Zumbo\App\Shared\Today\Judged;
use Zumbo\App\Shared\Today\JudgeToday;
use Zumbo\App\Shared\Today\LengthHistory;
use Zumbo\App\Shared\Today\LengthPeriod;
use Zumbo\App\Shared\Today\RopeVerdictView;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Rope\SchoolRope;
use Zumbo\Core\Rope\TrimPath;

/**
 * Plans an athlete's trim path from the rope they have, and tells whether the last step helped.
 */
final readonly class ShowTrim
{
    public function __construct(
        private Athletes $athletes,
        private JudgeToday $judge,
        private Gyms $gyms,
        private ClockInterface $clock,
    ) {
    }

    public function forAthlete(Uuid $id, TrimWish $wish): TrimView
    {
        $judged = $this->judge->athlete($this->athletes->get($id));
        $unit = $this->gyms->current()->unit();
        $rope = $judged->rope;
        $history = $judged->lengths;
        if (null === $rope || null === $history) {
            return TrimView::withoutRope($judged, $unit);
        }
        $goal = $this->goal($judged, $wish);
        $path = TrimPath::of($history->cable(), $goal->cable, $wish->step());
        $gate = $history->gate();
        $timeZone = $this->gyms->current()->timeZone();
        $ofToday = LocalDay::areSame($rope->createdAt(), $this->clock->now(), $timeZone);
        $needs = $judged->today->rope;

        return new TrimView(
            RopeView::of($rope),
            RopeVerdictView::ofJudged($judged, $unit),
            $goal->school,
            $goal->cable->metres(),
            array_map(static fn ($step): TrimStepView => TrimStepView::of($step, $unit), $path->steps),
            SentenceView::of($path->advice, $unit),
            $gate->open,
            SentenceView::of($gate->verdict, $unit),
            $ofToday ? SentenceView::of(Verdict::of('trim.once_a_session'), $unit) : null,
            $history->outcome?->advice,
            null === $history->outcome ? null : SentenceView::of($history->outcome->reason, $unit),
            $needs->mayCut,
            SentenceView::of($needs->tails, $unit),
            $this->sinceGrowth($judged, $history),
            array_map(
                static fn (LengthPeriod $period): PastLengthView => PastLengthView::of($period, $timeZone),
                $history->periods,
            ),
            TrimSourcesView::in($unit),
        );
    }

    /** Of the school in force, or of another that a coach wants to see. */
    private function goal(Judged $judged, TrimWish $wish): SchoolRope
    {
        $school = $wish->school() ?? $judged->wanted->inForce->school;

        return $judged->wanted->bySchool($school, $judged->rope?->spec()->stance)
            ?? throw new \LogicException('the handles of a kept rope are known');
    }

    /** Misses before and since the athlete grew, with the rope they have: one possible cause among others. */
    private function sinceGrowth(Judged $judged, LengthHistory $history): ?SentenceView
    {
        $grewOn = $judged->statures->grewOn($history->rope()->createdAt());
        if (null === $grewOn) {
            return null;
        }
        [[$triesBefore, $missesBefore], [$triesSince, $missesSince]] = $history->around($grewOn);

        return SentenceView::of(Verdict::of('growth.misses', [
            'before_tries' => $triesBefore,
            'before_misses' => $missesBefore,
            'since_tries' => $triesSince,
            'since_misses' => $missesSince,
        ]), $this->gyms->current()->unit());
    }
}
