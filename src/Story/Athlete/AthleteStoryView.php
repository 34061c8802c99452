<?php

declare(strict_types=1);

namespace Zumbo\App\Story\Athlete;

use Zumbo\App\Shared\SentenceView;
use Zumbo\App\Story\Athlete\Beat\StoryBeatView;
use Zumbo\App\Story\Athlete\Load\StoryEffortWeekView;
use Zumbo\App\Story\Athlete\Load\StoryWeekView;
use Zumbo\App\Story\Effort\SessionEffortView;

/**
 * Months of one athlete, each picture with its sentence.
 */
final readonly class AthleteStoryView
{
    /**
     * @param list<SentenceView>        $told        what the first picture shows
     * @param list<StorySessionView>    $sessions    the oldest first
     * @param list<StoryEventView>      $events      the oldest first
     * @param list<StoryCurveView>      $curves      now, four and twelve weeks ago; those with goes
     * @param list<StoryWeekView>       $weeks       the oldest first
     * @param list<StoryBeatView>       $beats       of takes, the oldest first
     * @param list<SentenceView>        $beatsSaid   how the beat is, and since when it is another
     * @param list<StoryEffortWeekView> $effortWeeks the oldest first
     * @param list<SessionEffortView>   $efforts     the newest first
     * @param list<StoryRecordView>     $records     by stage, in order
     * @param list<StoryCueView>        $cues        the one that helped most often first
     * @param list<StoryForecastView>   $forecasts   the newest first
     */
    public function __construct(
        public string $athleteId,
        /** The local day that is. */
        public string $on,
        /** Goes are of doubles. */
        public bool $doubles,
        public array $told,
        public array $sessions,
        public array $events,
        public array $curves,
        public SentenceView $curvesSaid,
        public array $weeks,
        public SentenceView $weeksSaid,
        public array $beats,
        public array $beatsSaid,
        public array $effortWeeks,
        public SentenceView $effortSaid,
        public array $efforts,
        public array $records,
        public SentenceView $recordsSaid,
        public array $cues,
        public SentenceView $cuesSaid,
        public array $forecasts,
        public SentenceView $forecastsSaid,
        public int $revision,
    ) {
    }
}
