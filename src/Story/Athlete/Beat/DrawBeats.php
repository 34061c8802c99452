<?php

declare(strict_types=1);

namespace Zumbo\App\Story\Athlete\Beat;

use Zumbo\App\Entity\Log\Found\LoggedBeats;
use Zumbo\App\Shared\SentenceView;
use Zumbo\App\Shared\Today\Judged;
use Zumbo\App\Story\Athlete\DrawCurves;
use Zumbo\Core\Drill\DrillTable;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Story\BeatTrend;

/**
 * The beats of an athlete's takes: of doubles where they jump those by now, else of singles, so that like is beside like.
 */
final readonly class DrawBeats
{
    private const DAY_S = 86_400;

    public function __construct(private LoggedBeats $beats)
    {
    }

    /**
     * @return array{list<StoryBeatView>, list<SentenceView>} the oldest first, and what they show
     */
    public function of(Judged $judged, \DateTimeImmutable $from): array
    {
        $doubles = DrawCurves::doubles($judged->athlete->stage());
        $takes = [];
        foreach ($this->beats->of($judged->athlete->id(), $from) as ['at' => $at, 'stage' => $stage, 'drill' => $drill, 'beat' => $beat]) {
            if (DrawCurves::doubles($stage) === $doubles) {
                $day = new \DateTimeImmutable($judged->dayOf($at));
                $takes[] = [
                    'day' => intdiv($day->getTimestamp(), self::DAY_S),
                    'named' => $day->format('j F Y'),
                    'beat' => $beat,
                    'asked' => DrillTable::has($drill) ? DrillTable::named($drill)->cadence : null,
                ];
            }
        }
        $trend = BeatTrend::of($takes, $doubles ? 'doubles' : 'singles');
        $views = [];
        foreach ($takes as $i => ['day' => $day, 'beat' => $beat, 'asked' => $asked]) {
            $views[] = new StoryBeatView(
                gmdate('Y-m-d', $day * self::DAY_S),
                $beat->cadence,
                $asked,
                $beat->variation,
                $trend->line[$i] ?? null,
                $trend->evenness[$i] ?? null,
            );
        }

        return [$views, SentenceView::listOf($trend->said, LengthUnit::Centimetre)];
    }
}
