<?php

declare(strict_types=1);

namespace Zumbo\App\OwnCard\Shown;

use Psr\Clock\ClockInterface;
use Zumbo\App\Entity\Effort\SessionEfforts;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Entity\Log\Attempt;
use Zumbo\App\Entity\Log\Attempts;
use Zumbo\App\Entity\People\Athlete;
use Zumbo\App\OwnCard\HeldCard;
use Zumbo\App\Platform\Clock\LocalDay;
use Zumbo\App\Shared\AttemptView;
use Zumbo\App\Shared\Health\TakeStatement;
use Zumbo\App\Shared\Home\DayInWeeks;
use Zumbo\App\Shared\Home\ShowHomework;
use Zumbo\App\Shared\Outlook\ReadOutlooks;
use Zumbo\App\Shared\Plan\ReadTodaysWork;
use Zumbo\App\Shared\SentenceView;
use Zumbo\App\Shared\Today\AllowanceView;
use Zumbo\App\Shared\Today\JudgeToday;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Method\Sound;

/**
 * One athlete's own card, of the same judgement as every screen of the coach's.
 */
final readonly class ShowCard
{
    /** What they counted themselves stays in sight for so long. */
    private const COUNTED_SINCE = '-7 days';
    private const COUNTED = 20;

    public function __construct(
        private JudgeToday $judge,
        private ReadTodaysWork $work,
        private ShowHomework $homework,
        private DayInWeeks $weeks,
        private ReadOutlooks $outlooks,
        private Attempts $attempts,
        private SessionEfforts $efforts,
        private TakeStatement $statement,
        private Gyms $gyms,
        private ClockInterface $clock,
    ) {
    }

    public function of(HeldCard $held): OwnCardView
    {
        $gym = $this->gyms->current();
        $now = $this->clock->now();
        $today = LocalDay::of($now, $gym->timeZone());
        $judged = $this->judge->athlete($held->athlete);
        $rest = $this->weeks->withoutJumps($judged, $today);
        $work = $this->work->of($judged, $now, $today);
        $work = null === $rest ? $work : $work->withoutSet();
        $effort = $this->efforts->ownOf($held->athlete->id(), $today);
        $gate = $this->outlooks->one($judged)->gate;

        return new OwnCardView(
            $held->athlete->profile()->firstName(),
            $gym->name(),
            $held->card->holder(),
            $this->statement->isMinor($held->athlete->id()),
            $gym->unit(),
            $today->format('Y-m-d'),
            $now->format('Y-m-d\TH:i:s\Z'),
            $held->card->expiresAt()->format('Y-m-d\TH:i:s\Z'),
            CardRopeView::of($judged, $gym->unit()),
            AllowanceView::toThem($judged->today),
            $work->view(),
            Sound::Silence === $judged->gates->ways->sound,
            null === $rest ? $this->homework->tonight($judged, $work, $today) : $this->homework->view($judged, $rest, $today),
            null === $rest ? null : SentenceView::of(Verdict::of('own.weeks_no_jump'), LengthUnit::Centimetre),
            null === $gate ? null : SentenceView::of($gate->outlook, LengthUnit::Centimetre),
            $this->counted($held->athlete, $now),
            null === $effort ? null : CardEffortView::of($effort),
            CardFlagView::of($judged, $today),
            CardTermView::places(),
            CardTermView::signs(),
        );
    }

    /**
     * @return list<AttemptView>
     */
    private function counted(Athlete $athlete, \DateTimeImmutable $now): array
    {
        $counted = $this->attempts->selfReported($athlete->id(), $now->modify(self::COUNTED_SINCE), self::COUNTED);
        $drills = $this->attempts->drillsOf($counted);

        return array_map(
            static fn (Attempt $one): AttemptView => AttemptView::of($one, $drills[$one->setId()->toRfc4122()] ?? ''),
            $counted,
        );
    }
}
