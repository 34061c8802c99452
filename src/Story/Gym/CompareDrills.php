<?php

declare(strict_types=1);

namespace Zumbo\App\Story\Gym;

use Zumbo\App\Entity\Log\SetSum;
use Zumbo\App\Shared\Today\LogSums;
use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Drill\DrillTable;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Sets\WorkCode;
use Zumbo\Core\Story\DrillHelp;
use Zumbo\Core\Story\PracticeEvening;
use Zumbo\Core\Story\StandingOut;

/**
 * After which drill the next evening misses less; silent where there is too little.
 */
final class CompareDrills
{
    private const DAY_S = 86_400;

    /**
     * @param list<GymRow> $rows
     *
     * @return list<HelpView> the one that helps most often first
     */
    public static function all(array $rows): array
    {
        $athletes = [];
        foreach ($rows as $row) {
            array_push($athletes, ...self::evenings($row->judged->sums));
        }
        $titled = [];
        foreach (StandingOut::among(DrillHelp::counts($athletes)) as $code => $one) {
            $titled[WorkCode::title($code)] = $one;
        }

        return HelpView::listOf($titled);
    }

    /**
     * @param list<HelpView> $helps
     */
    public static function said(array $helps): Verdict
    {
        foreach ($helps as $help) {
            if ($help->standsOut) {
                return Verdict::of('story.drills', [
                    'drill' => $help->cue,
                    'better' => $help->better,
                    'goes' => $help->goes,
                    'share_percent' => (int) round(100 * $help->share),
                ]);
            }
        }

        return Verdict::of('story.drills_none', ['least' => StandingOut::LEAST_GOES]);
    }

    /**
     * @return list<list<PracticeEvening>> of one athlete, by stage: what was done at one stage says nothing of another
     */
    private static function evenings(LogSums $sums): array
    {
        $stages = [];
        foreach ($sums->sums as $sum) {
            $stages[$sum->stage->value][$sum->localDay->format('Y-m-d')][] = $sum;
        }

        return array_values(array_map(
            static fn (array $days): array => array_values(array_map(self::evening(...), $days)),
            $stages,
        ));
    }

    /**
     * @param non-empty-list<SetSum> $sums of one day at one stage
     */
    private static function evening(array $sums): PracticeEvening
    {
        $telling = array_filter($sums, static fn (SetSum $sum): bool => DrillTable::tellsOfGate($sum->drill, $sum->stage)
            && CountKind::Streak === $sum->kind->countKind());

        return new PracticeEvening(
            intdiv($sums[0]->localDay->getTimestamp(), self::DAY_S),
            array_values(array_unique(array_map(static fn (SetSum $sum): string => $sum->drill, $sums))),
            array_sum(array_map(static fn (SetSum $sum): int => $sum->reps, $telling)),
            array_sum(array_map(static fn (SetSum $sum): int => $sum->misses, $telling)),
        );
    }
}
