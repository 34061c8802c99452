<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Trim;

use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Entity\People\Athletes;
use Zumbo\App\Platform\Clock\LocalDay;
use Zumbo\App\RopeDesk\Keep\RopeView;
use Zumbo\App\RopeDesk\Size\SizeRope;
use Zumbo\App\Shared\SentenceView;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Rope\TrimPath;

/**
 * Plans an athlete's trim path from the rope they have, and tells whether the last step helped.
 */
final readonly class ShowTrim
{
    public function __construct(
        private Athletes $athletes,
        private ReadLengths $lengths,
        private Gyms $gyms,
        private SizeRope $size,
        private ClockInterface $clock,
    ) {
    }

    public function forAthlete(Uuid $id, TrimWish $wish): TrimView
    {
        $athlete = $this->athletes->get($id);
        $goal = $this->size->goal($athlete, $wish->school());
        $unit = $this->gyms->current()->unit();
        $history = $this->lengths->of($athlete);
        if (null === $history) {
            return TrimView::withoutRope($goal, $unit);
        }
        $rope = $history->rope();
        $path = TrimPath::of($history->cable(), $goal->cable, $wish->step());
        $gate = $history->gate();
        $timeZone = $this->gyms->current()->timeZone();
        $ofToday = LocalDay::areSame($rope->createdAt(), $this->clock->now(), $timeZone);

        return new TrimView(
            RopeView::of($rope),
            $goal->school,
            $goal->cable->metres(),
            array_map(static fn ($step): TrimStepView => TrimStepView::of($step, $unit), $path->steps),
            SentenceView::of($path->advice, $unit),
            $gate->open,
            SentenceView::of($gate->verdict, $unit),
            $ofToday ? SentenceView::of(Verdict::of('trim.once_a_session'), $unit) : null,
            $history->outcome?->advice,
            null === $history->outcome ? null : SentenceView::of($history->outcome->reason, $unit),
            $history->mayCutTails($goal->cable),
            SentenceView::of($history->aboutTails($goal->cable), $unit),
            array_map(static fn (LengthPeriod $period): PastLengthView => $period->view($timeZone), $history->periods),
            TrimSourcesView::in($unit),
        );
    }
}
