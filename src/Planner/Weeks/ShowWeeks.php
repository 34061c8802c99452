<?php

declare(strict_types=1);

namespace Zumbo\App\Planner\Weeks;

use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\Gym\Gym;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Entity\People\Athletes;
use Zumbo\App\Entity\Plan\AcceptedPlans;
use Zumbo\App\Entity\Plan\AcceptedWeeks;
use Zumbo\App\Platform\Clock\LocalDay;
use Zumbo\App\Platform\Gym\UnknownRow;
use Zumbo\App\Shared\Home\ShowHomework;
use Zumbo\App\Shared\SentenceView;
use Zumbo\App\Shared\Today\Judged;
use Zumbo\App\Shared\Today\JudgeToday;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Measure\Term;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Messages\MessageCatalogue;
use Zumbo\Core\Plan\Weeks\GateForecast;
use Zumbo\Core\Plan\Weeks\PlannedSession;
use Zumbo\Core\Plan\Weeks\WeeksChange;
use Zumbo\Core\Plan\Weeks\WeeksPlan;
use Zumbo\Core\Plan\Weeks\WeeksWish;
use Zumbo\Core\Today\RopeAction;

/**
 * The next four weeks as a coach reads them: days, load, gates, the rope, and what has changed.
 */
final readonly class ShowWeeks
{
    private const DAY_S = 86_400;

    public function __construct(
        private Athletes $athletes,
        private JudgeToday $judge,
        private ReadWeeks $read,
        private AcceptedPlans $accepted,
        private ShowHomework $homework,
        private Gyms $gyms,
        private ClockInterface $clock,
    ) {
    }

    public function everybody(): ClassWeeksView
    {
        $gym = $this->gyms->current();
        $monday = $this->monday($gym);
        $accepted = $this->accepted->current();
        $rows = [];
        $changed = 0;
        foreach ($this->judge->everybody() as $id => $one) {
            if (null === $one->athlete->guestOn()) {
                $rows[] = $row = $this->row($one, $gym, $accepted[$id] ?? null, $monday);
                $changed += [] === $row->changes ? 0 : 1;
            }
        }
        usort($rows, static fn (WeeksRowView $one, WeeksRowView $other): int => $one->name <=> $other->name);
        $values = ['from' => $monday->format('j F'), 'people' => \count($rows), 'changed' => $changed];
        $title = [] === $accepted ? Verdict::of('plan.weeks_new', $values) : Verdict::of('plan.weeks_class', $values);

        return new ClassWeeksView(self::said($title), $monday->format('Y-m-d'), $rows, $gym->revision());
    }

    /** @throws UnknownRow when this gym has no such athlete */
    public function of(Uuid $id, ?int $perWeek): AthleteWeeksView
    {
        $gym = $this->gyms->current();
        $one = $this->judge->athlete($this->athletes->get($id));
        $monday = $this->monday($gym);
        $row = $this->accepted->current($id)[$id->toRfc4122()] ?? null;
        $wish = $this->read->of($one, $gym);
        $plan = WeeksPlan::of($wish);
        $first = $plan->weeks[0];
        $jumping = array_filter($first->sessions, static fn (PlannedSession $day): bool => $day->kind->jumps());
        $often = $perWeek ?? max(1, \count($jumping));
        $title = Verdict::of('plan.weeks', [
            'from' => $monday->format('j F'),
            'jump' => \count($jumping),
            'most' => $first->contactsMost,
        ]);

        return new AthleteWeeksView(
            self::said($title),
            $monday->format('Y-m-d'),
            $this->row($one, $gym, $row, $monday),
            null === $row ? [] : PlannedWeekView::listOf(WeeksPlan::of($row->facts()->wish), $row->fromDay()),
            $row?->fromDay()->format('Y-m-d'),
            $often,
            self::forecast($one, $often),
            $this->homework->next($one, $first, $gym),
            $gym->revision(),
        );
    }

    private function row(Judged $one, Gym $gym, ?AcceptedWeeks $accepted, \DateTimeImmutable $monday): WeeksRowView
    {
        $wish = $this->read->of($one, $gym);
        $stage = $one->athlete->stage();
        $next = $one->today->rope->next;

        return new WeeksRowView(
            $one->athlete->id()->toRfc4122(),
            $one->athlete->profile()->name,
            $stage,
            MessageCatalogue::name(Term::of($stage)),
            PlannedWeekView::listOf(WeeksPlan::of($wish), $monday),
            RopeAction::Keep === $next->action || RopeAction::AskHandles === $next->action
                ? null
                : MessageCatalogue::name(Term::of($next->action)),
            null === $accepted ? [] : SentenceView::listOf(self::changes($accepted, $wish, $monday), LengthUnit::Centimetre),
            $accepted?->acceptedBy(),
            $accepted?->acceptedAt()->format(\DateTimeInterface::ATOM),
        );
    }

    /**
     * @return list<Verdict>
     */
    private static function changes(AcceptedWeeks $accepted, WeeksWish $now, \DateTimeImmutable $monday): array
    {
        $since = intdiv($monday->getTimestamp() - $accepted->fromDay()->getTimestamp(), 7 * self::DAY_S);

        return WeeksChange::between($accepted->facts()->wish, $now, max(0, $since));
    }

    private static function forecast(Judged $one, int $perWeek): ?SentenceView
    {
        $gate = $one->gates->at($one->athlete->stage());

        return null === $gate || $gate->isWaived()
            ? null
            : self::said(GateForecast::of($gate, ReadWeeks::sessions($one), (float) $perWeek)->verdict());
    }

    private function monday(Gym $gym): \DateTimeImmutable
    {
        return ReadWeeks::monday(LocalDay::of($this->clock->now(), $gym->timeZone()));
    }

    private static function said(Verdict $verdict): SentenceView
    {
        return SentenceView::of($verdict, LengthUnit::Centimetre);
    }
}
