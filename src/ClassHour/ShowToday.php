<?php

declare(strict_types=1);

namespace Zumbo\App\ClassHour;

use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Entity\Log\Attempt;
use Zumbo\App\Entity\Log\Attempts;
use Zumbo\App\Entity\People\Athlete;
use Zumbo\App\Entity\People\Athletes;
use Zumbo\App\Entity\People\Focuses;
use Zumbo\App\Platform\Clock\LocalDay;
use Zumbo\App\Shared\AttemptView;
use Zumbo\App\Shared\SentenceView;
use Zumbo\Core\Drill\Drill;
use Zumbo\Core\Drill\DrillTable;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Path\Entry;
use Zumbo\Core\Path\GateOutlook;
use Zumbo\Core\Path\GateTable;
use Zumbo\Core\Path\TodaysSet;

/**
 * Today's set of an athlete with the log and the gate of their stage.
 */
final readonly class ShowToday
{
    public function __construct(
        private Athletes $athletes,
        private Attempts $attempts,
        private Focuses $focuses,
        private Gyms $gyms,
        private ClockInterface $clock,
    ) {
    }

    public function of(Uuid $id): TodayView
    {
        $athlete = $this->athletes->get($id);
        $now = $this->clock->now();
        $before = $this->attempts->practicesBefore(LocalDay::of($now, $this->gyms->current()->timeZone()));
        $entries = self::ofStage($athlete, $this->attempts->ofAthlete($id, $now->modify(Attempts::LOOK_BACK)));
        $set = TodaysSet::of($athlete->stage(), $before[$id->toRfc4122()] ?? 0);
        $outlook = self::outlook($athlete, $entries, $now);
        $focus = FocusOfToday::of($this->focuses->current($now)[$id->toRfc4122()] ?? null);

        return new TodayView(
            $id->toRfc4122(),
            DrillView::of($set->drill, $focus?->cue->cue),
            SentenceView::of($set->reason, LengthUnit::Centimetre),
            array_map(
                DrillView::of(...),
                array_values(
                    array_filter(
                        DrillTable::ofStage($athlete->stage()),
                        static fn (Drill $drill): bool => $drill->code !== $set->drill->code,
                    ),
                ),
            ),
            $focus,
            null === $outlook ? null : GateView::of($outlook),
            array_map(AttemptView::of(...), $entries),
        );
    }

    /**
     * @param list<Attempt> $attempts of the athlete's present stage, the newest last
     */
    public static function outlook(Athlete $athlete, array $attempts, \DateTimeImmutable $now): ?GateOutlook
    {
        $gate = GateTable::of($athlete->stage());

        return null === $gate
            ? null
            : GateOutlook::of(
                $athlete->stage(),
                $gate,
                array_map(static fn (Attempt $attempt): Entry => $attempt->toCore($now), $attempts),
            );
    }

    /**
     * @param list<Attempt> $attempts
     *
     * @return list<Attempt>
     */
    public static function ofStage(Athlete $athlete, array $attempts): array
    {
        return array_values(
            array_filter($attempts, static fn (Attempt $attempt): bool => $attempt->stage() === $athlete->stage()),
        );
    }
}
