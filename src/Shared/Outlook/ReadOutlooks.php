<?php

declare(strict_types=1);

namespace Zumbo\App\Shared\Outlook;

use Psr\Clock\ClockInterface;
use Zumbo\App\Entity\Log\AttemptKind;
use Zumbo\App\Entity\Log\Attempts;
use Zumbo\App\Entity\Log\Newest;
use Zumbo\App\Entity\Log\ReadNewest;
use Zumbo\App\Shared\Today\Judged;
use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Path\GateLog;
use Zumbo\Core\Path\GateOutlook;
use Zumbo\Core\Path\GateTable;
use Zumbo\Core\Path\LookRule;
use Zumbo\Core\Path\SameSet;

/**
 * How far the gates of athletes are, from the kept sums and their newest entries.
 */
final readonly class ReadOutlooks
{
    public function __construct(private ReadNewest $newest, private ClockInterface $clock)
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
        $logs = array_map(static fn (Judged $one): array => [$one->athlete, $one->sums->sums], $judged);
        $newest = $this->newest->of($logs, $now->modify(Attempts::LOOK_BACK), reset($judged)->beginOfDay($now));
        $outlooks = [];
        foreach ($judged as $id => $one) {
            $outlooks[$id] = new StageOutlook(
                self::outlook($one, $newest[$id]),
                SameSet::doubt($one->sums->doubts($one->athlete->stage())),
                LookRule::asksFor($newest[$id]->today),
            );
        }

        return $outlooks;
    }

    public function one(Judged $judged): StageOutlook
    {
        $id = $judged->athlete->id()->toRfc4122();

        return $this->of([$id => $judged])[$id];
    }

    /** A day that was stopped is a day of its own: it weighs less than an ordinary one. */
    private static function outlook(Judged $one, Newest $newest): ?GateOutlook
    {
        $stage = $one->athlete->stage();
        $gate = GateTable::of($stage);

        return null === $gate ? null : GateOutlook::ofLog($stage, $gate, new GateLog(
            $one->sums->sessions($stage, $gate->countKind, $one->days->stoppedDays),
            $newest->lastClean,
            $newest->goes,
            CountKind::Streak === $gate->countKind ? $one->sums->best($stage, AttemptKind::Streak) : null,
        ));
    }
}
