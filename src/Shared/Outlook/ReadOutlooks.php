<?php

declare(strict_types=1);

namespace Zumbo\App\Shared\Outlook;

use Psr\Clock\ClockInterface;
use Zumbo\App\Entity\Log\AttemptKind;
use Zumbo\App\Entity\Log\Attempts;
use Zumbo\App\Entity\Log\Newest;
use Zumbo\App\Entity\Log\ReadNewest;
use Zumbo\App\Entity\Ropes\Ropes;
use Zumbo\App\Shared\Today\Judged;
use Zumbo\App\Shared\Today\LogSums;
use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Path\Gate;
use Zumbo\Core\Path\GateLog;
use Zumbo\Core\Path\GateOutlook;
use Zumbo\Core\Path\LookRule;
use Zumbo\Core\Path\PathNews;
use Zumbo\Core\Path\SameSet;
use Zumbo\Core\Path\SessionSum;
use Zumbo\Core\Path\StepBack;

/**
 * How far the gates of athletes are, from the kept sums and their newest entries.
 */
final readonly class ReadOutlooks
{
    public function __construct(private ReadNewest $newest, private Ropes $ropes, private ClockInterface $clock)
    {
    }

    /**
     * @param array<string, Judged> $judged by athlete id
     *
     * @return array<string, StageOutlook> by athlete id
     */
    public function of(array $judged): array
    {
        if ([] === $judged) {
            return [];
        }
        $now = $this->clock->now();
        $logs = array_map(static fn (Judged $one): array => [
            $one->athlete->stage(),
            $one->gates->at($one->athlete->stage()),
            $one->sums->sums,
        ], $judged);
        $newest = $this->newest->of($logs, $now->modify(Attempts::LOOK_BACK), reset($judged)->beginOfDay($now));
        $trimmed = $this->ropes->trimmedAt();
        $outlooks = [];
        foreach ($judged as $id => $one) {
            $outlooks[$id] = self::outlook($one, $newest[$id], $trimmed[$id] ?? null);
        }

        return $outlooks;
    }

    public function one(Judged $judged): StageOutlook
    {
        $id = $judged->athlete->id()->toRfc4122();

        return $this->of([$id => $judged])[$id];
    }

    private static function outlook(Judged $one, Newest $newest, ?\DateTimeImmutable $trimmed): StageOutlook
    {
        $stage = $one->athlete->stage();
        $gate = $one->gates->at($stage);
        $sessions = null === $gate ? [] : $one->sums->sessions($stage, $gate->countKind, $one->days->stoppedDays);
        $outlook = null === $gate ? null : GateOutlook::ofLog(
            $stage,
            $one->gates,
            new GateLog(
                $sessions,
                $newest->lastClean,
                $newest->goes,
                CountKind::Streak === $gate->countKind ? $one->sums->best($stage, AttemptKind::Streak) : null,
            ),
            self::ofTheStageBefore($one, $sessions),
        );

        return new StageOutlook(
            $outlook,
            null === $outlook ? null : PathNews::of(
                $outlook,
                $sessions,
                null === $trimmed ? null : LogSums::dayNumber(new \DateTimeImmutable($one->dayOf($trimmed))),
            ),
            SameSet::doubt($one->sums->doubts($stage)),
            LookRule::asksFor($newest->today),
        );
    }

    /**
     * @param list<SessionSum> $sessions of their stage
     *
     * @return list<SessionSum> what was counted of the stage before since they left it
     */
    private static function ofTheStageBefore(Judged $one, array $sessions): array
    {
        $stage = $one->athlete->stage();
        $before = $one->gates->ways->method->before($stage);
        $gate = null === $before ? null : $one->gates->at($before);
        $since = $sessions[0]->day ?? null;
        if (null === $before || !$gate instanceof Gate || null === $since || StepBack::readsOwnLog($stage)) {
            return [];
        }

        return array_values(array_filter(
            $one->sums->sessions($before, $gate->countKind, $one->days->stoppedDays),
            static fn (SessionSum $session): bool => $session->day > $since,
        ));
    }
}
