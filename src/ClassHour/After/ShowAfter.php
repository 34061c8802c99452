<?php

declare(strict_types=1);

namespace Zumbo\App\ClassHour\After;

use Psr\Clock\ClockInterface;
use Zumbo\App\Entity\Evening\ClassEnds;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Entity\Log\AttemptKind;
use Zumbo\App\Entity\Log\DaySums;
use Zumbo\App\Entity\Path\OwnDrills;
use Zumbo\App\Entity\People\Focuses;
use Zumbo\App\Platform\Clock\LocalDay;
use Zumbo\App\Shared\CurrentCoach;
use Zumbo\App\Shared\Here\ReadHere;
use Zumbo\App\Shared\Outlook\ReadOutlooks;
use Zumbo\App\Shared\Outlook\StageOutlook;
use Zumbo\App\Shared\Plan\FocusOfToday;
use Zumbo\App\Shared\SentenceView;
use Zumbo\App\Shared\Today\AllowanceView;
use Zumbo\App\Shared\Today\Judged;
use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Measure\Term;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Messages\MessageCatalogue;
use Zumbo\Core\Path\TodaysSet;

/**
 * What the class did tonight: who did what, records, gates opened, faults, load, and what changes next time.
 */
final readonly class ShowAfter
{
    public function __construct(
        private ReadHere $here,
        private ReadOutlooks $outlooks,
        private Focuses $focuses,
        private OwnDrills $drills,
        private DaySums $sums,
        private ClassEnds $ends,
        private CurrentCoach $coach,
        private Gyms $gyms,
        private ClockInterface $clock,
    ) {
    }

    public function tonight(): AfterView
    {
        $gym = $this->gyms->current();
        $now = $this->clock->now();
        $day = LocalDay::of($now, $gym->timeZone());
        $here = $this->here->tonight($gym, $now)['here'];
        uasort($here, static fn (Judged $a, Judged $b): int => $a->athlete->profile()->name <=> $b->athlete->profile()->name);
        $busy = array_filter($here, static fn (Judged $one): bool => $one->sums->entriesOn($day) > 0);
        $rows = $this->rows($busy, $day);
        $end = $this->ends->of($day);
        $sum = static fn (callable $of): int => array_sum(array_map($of, $rows));
        $entries = $sum(static fn (AfterRowView $row): int => $row->entries);
        $records = $sum(static fn (AfterRowView $row): int => null === $row->record ? 0 : 1);
        $gates = $sum(static fn (AfterRowView $row): int => null === $row->gateOpened ? 0 : 1);
        $values = ['people' => \count($rows), 'entries' => $entries, 'records' => $records, 'gates' => $gates];
        $title = [] === $rows ? Verdict::of('after.nothing') : Verdict::of('after.did', $values);

        return new AfterView(
            SentenceView::of($title, LengthUnit::Centimetre),
            $day->format('Y-m-d'),
            $rows,
            array_values(array_map(
                static fn (Judged $one): string => $one->athlete->profile()->name,
                array_diff_key($here, $busy),
            )),
            $entries,
            $sum(static fn (AfterRowView $row): int => $row->contacts),
            $records,
            $gates,
            $end?->confirmedBy,
            $end?->confirmedAt->format(\DateTimeInterface::ATOM),
            $gym->revision(),
        );
    }

    /**
     * @param array<string, Judged> $busy
     *
     * @return list<AfterRowView>
     */
    private function rows(array $busy, \DateTimeImmutable $day): array
    {
        $after = $this->outlooks->of($busy);
        $before = $this->outlooks->of(array_map(static fn (Judged $one): Judged => $one->withSums($one->sums->before($day)), $busy));
        $focuses = $this->focuses->current($this->clock->now());
        $days = $this->sums->stageDays();
        $rows = [];
        foreach ($busy as $id => $one) {
            $stage = $one->athlete->stage();
            $lines = $one->sums->lines($day);
            $opened = true === $after[$id]->gate?->isOpenNow() && true !== $before[$id]->gate?->isOpenNow();
            $rows[] = new AfterRowView(
                $id,
                $one->athlete->profile()->name,
                self::did($lines),
                $one->sums->entriesOn($day),
                array_sum(array_column($lines, 'contacts')),
                self::record($one, $day),
                $opened ? MessageCatalogue::name(Term::of($stage)) : null,
                FocusOfToday::of($focuses[$id] ?? null, $one->gates->ways)?->cue->name,
                self::look($after[$id]),
                AllowanceView::of($one->today, $this->coach->role())->public?->sentence,
                $this->next($one, $opened, $days[$id][$stage->value] ?? 0),
            );
        }

        return $rows;
    }

    /**
     * @param list<array{kind: CountKind, reps: int, misses: int}> $lines
     */
    private static function did(array $lines): string
    {
        $said = [];
        foreach (CountKind::cases() as $kind) {
            $of = array_filter($lines, static fn (array $line): bool => $line['kind'] === $kind);
            if ([] !== $of) {
                $unit = match ($kind) {
                    CountKind::Streak => 'reps',
                    CountKind::Tries => 'clean tries',
                    CountKind::Hold => 's',
                };
                $reps = array_sum(array_column($of, 'reps'));
                $said[] = \sprintf('%d %s, %d missed', $reps, $unit, array_sum(array_column($of, 'misses')));
            }
        }

        return implode('; ', $said);
    }

    /** More in one unbroken go at their stage than on any day before. */
    private static function record(Judged $one, \DateTimeImmutable $day): ?int
    {
        $stage = $one->athlete->stage();
        $now = $one->sums->best($stage, AttemptKind::Streak);
        $before = $one->sums->before($day)->best($stage, AttemptKind::Streak);

        return null !== $now && null !== $before && $now > $before ? $now : null;
    }

    private static function look(StageOutlook $outlook): ?SentenceView
    {
        return null === $outlook->look ? null : SentenceView::of($outlook->look, LengthUnit::Centimetre);
    }

    private function next(Judged $one, bool $opened, int $practices): string
    {
        $stage = $one->athlete->stage();
        $ways = $one->gates->ways;
        if ($opened) {
            $next = $ways->method->after($stage);

            return null === $next ? '' : \sprintf('On to %s', MessageCatalogue::name(Term::of($next)));
        }

        return TodaysSet::of($stage, $this->drills->shelf(), $ways, $practices)->drill->title;
    }
}
