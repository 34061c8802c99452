<?php

declare(strict_types=1);

namespace Zumbo\App\Story\Gym;

use Psr\Clock\ClockInterface;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Entity\Log\SetSum;
use Zumbo\App\Platform\Clock\LocalDay;
use Zumbo\App\Shared\Outlook\ReadOutlooks;
use Zumbo\App\Shared\Outlook\StageOutlook;
use Zumbo\App\Shared\Today\Judged;
use Zumbo\App\Shared\Today\JudgeToday;
use Zumbo\App\Story\Athlete\Load\LoadWeeks;
use Zumbo\Core\Stage\Stage;
use Zumbo\Core\Story\LoadWeek;
use Zumbo\Core\Story\Moving;

/**
 * Everybody of the gym with what became of them in the last half year.
 */
final readonly class ReadGym
{
    private const BEFORE = '-28 days';
    private const LONG_BEFORE = '-12 weeks';
    private const DAY_S = 86_400;

    public function __construct(
        private JudgeToday $judge,
        private ReadOutlooks $outlooks,
        private Gyms $gyms,
        private ClockInterface $clock,
    ) {
    }

    public function today(): \DateTimeImmutable
    {
        return LocalDay::of($this->clock->now(), $this->gyms->current()->timeZone());
    }

    /**
     * @return list<GymRow> by name; guests are not among them
     */
    public function all(): array
    {
        $today = $this->today();
        $judged = array_filter($this->judge->everybody(), static fn (Judged $one): bool => null === $one->athlete->guestOn());
        $now = $this->outlooks->of($judged);
        $before = $this->outlooks->of(array_map(
            static fn (Judged $one): Judged => $one->withSums($one->sums->before($today->modify(self::BEFORE))),
            $judged,
        ));
        $rows = [];
        foreach ($judged as $id => $one) {
            $rows[] = self::row($one, $now[$id], $before[$id], $today);
        }

        return $rows;
    }

    private static function row(Judged $one, StageOutlook $now, StageOutlook $before, \DateTimeImmutable $today): GymRow
    {
        $stage = $one->athlete->stage();
        $atStage = array_values(array_filter($one->sums->sums, static fn (SetSum $sum): bool => $sum->stage === $stage));
        $earlier = $one->sums->before($today->modify(self::BEFORE));
        $recent = array_filter($atStage, static fn (SetSum $sum): bool => $sum->localDay > $today->modify(self::BEFORE));
        $days = array_unique(array_map(static fn (SetSum $sum): string => $sum->localDay->format('Y-m-d'), $recent));
        $since = $atStage[0]->localDay ?? null;
        $last = $one->sums->sums[\count($one->sums->sums) - 1]->localDay ?? null;
        $daysAway = null === $last ? null : self::days($last, $today);
        $chance = $now->gate?->chance;
        $chanceBefore = [] === array_filter($earlier->sums, static fn (SetSum $sum): bool => $sum->stage === $stage)
            ? null
            : $before->gate?->chance;
        $cameOn = [] !== array_filter($one->sums->sums, static fn (SetSum $sum): bool => $sum->stage->isBefore($stage));

        return new GymRow(
            $one,
            $now,
            Moving::of($daysAway, null === $since ? 0 : self::days($since, $today), \count($days), $cameOn, $chance, $chanceBefore),
            $chanceBefore,
            self::furthest($one, $today->modify(self::LONG_BEFORE)),
            $since,
            \count($days),
            $last,
            $daysAway,
            self::week($one, $today),
        );
    }

    private static function furthest(Judged $one, \DateTimeImmutable $day): ?Stage
    {
        $furthest = null;
        foreach ($one->sums->before($day)->sums as $sum) {
            $furthest = null === $furthest || $furthest->isBefore($sum->stage) ? $sum->stage : $furthest;
        }

        return $furthest;
    }

    private static function week(Judged $one, \DateTimeImmutable $today): LoadWeek
    {
        $weeks = array_values(LoadWeeks::contacts($one->sums, $today));
        $all = LoadWeek::all([] === $weeks ? [0] : $weeks, $one->athlete->stage(), $one->athlete->profile()->ageIn($today));

        return $all[\count($all) - 1];
    }

    private static function days(\DateTimeImmutable $from, \DateTimeImmutable $to): int
    {
        return intdiv($to->getTimestamp() - $from->getTimestamp(), self::DAY_S);
    }
}
