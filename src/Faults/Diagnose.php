<?php

declare(strict_types=1);

namespace Zumbo\App\Faults;

use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Entity\People\Athletes;
use Zumbo\App\Entity\People\FocusGoes;
use Zumbo\App\Shared\CueView;
use Zumbo\App\Shared\SentenceView;
use Zumbo\App\Shared\Today\Judged;
use Zumbo\App\Shared\Today\MayJump;
use Zumbo\App\Shared\Today\RopeVerdictView;
use Zumbo\Core\Fault\Action;
use Zumbo\Core\Fault\Diagnosis;
use Zumbo\Core\Fault\Exertion;
use Zumbo\Core\Fault\FaultPrice;
use Zumbo\Core\Fault\RopeCondition;
use Zumbo\Core\Fault\RopeFacts;
use Zumbo\Core\Fault\RopeLength;
use Zumbo\Core\Fault\RopeWeight;
use Zumbo\Core\Today\RopeState;

/**
 * What to do about what a coach noticed in an athlete who may jump: the load, the rope, one cue, or one question.
 */
final readonly class Diagnose
{
    private const SHOWN = 5;

    public function __construct(
        private Athletes $athletes,
        private FocusGoes $goes,
        private MayJump $mayJump,
        private Gyms $gyms,
        private ClockInterface $clock,
    ) {
    }

    public function athlete(Uuid $id, DiagnosisInput $input): DiagnosisView
    {
        $observed = $input->observed();
        $judged = $this->mayJump->orRefuse($this->athletes->get($id));
        $history = $this->goes->historyOf($id, $this->clock->now());
        $ways = $judged->gates->ways;
        $diagnosis = Diagnosis::of(
            $observed,
            $judged->wanted->stage,
            $this->rope($judged, $input),
            $ways,
            Exertion::of('' === $input->tired ? null : 'yes' === $input->tired, $input->effort),
            $history,
        );
        $unit = $this->gyms->current()->unit();
        $cable = $judged->cable();
        $price = null === $cable || Action::GoOn !== $diagnosis->action ? null : FaultPrice::of($diagnosis->leader(), $cable);
        $check = $diagnosis->checkVerdict();

        return new DiagnosisView(
            $id->toRfc4122(),
            $diagnosis->action,
            SentenceView::of($diagnosis->advice, $unit),
            null === $check ? null : SentenceView::of($check, $unit),
            RopeVerdictView::ofJudged($judged, $unit),
            array_map(RankedFaultView::of(...), \array_slice($diagnosis->ranked, 0, self::SHOWN)),
            null === $diagnosis->ask ? null : QuestionView::of($diagnosis->ask),
            Action::GoOn === $diagnosis->action && !$diagnosis->leader()->isOfTheRope() && !$diagnosis->leader()->isOfTheLoad()
                ? CueView::of($diagnosis->leader(), $observed->seen, $ways, $history)
                : null,
            null === $price ? null : SentenceView::of($price, $unit),
        );
    }

    /** What is on record as wrong is wrong, whatever was ticked; what is right was right when it was kept. */
    private function rope(Judged $judged, DiagnosisInput $input): RopeFacts
    {
        $state = $judged->today->rope->state;
        $kept = RopeLength::ofState($state);
        $inspectedToday = $judged->rope?->inspection()->on?->format('Y-m-d') === $judged->dayOf($this->clock->now());

        return RopeFacts::of(
            RopeLength::Right === $kept && 'yes' !== $input->ropeChecked ? RopeLength::Unchecked : $kept,
            match (true) {
                RopeState::NotSound === $state => RopeCondition::Worn,
                'yes' === $input->ropeInspected, $inspectedToday => RopeCondition::Fine,
                default => RopeCondition::Unchecked,
            },
            RopeWeight::ofCable($judged->today->cable->fit),
        );
    }
}
