<?php

declare(strict_types=1);

namespace Zumbo\App\Story\Gym;

use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Shared\SentenceView;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Story\Moving;

/**
 * Tells what becomes of the class over months.
 */
final readonly class TellClass
{
    public function __construct(private ReadGym $read, private CompareCues $cues, private Gyms $gyms)
    {
    }

    public function all(): ClassStoryView
    {
        $rows = $this->read->all();
        usort($rows, static fn (GymRow $a, GymRow $b): int => [self::order($a), $a->name()] <=> [self::order($b), $b->name()]);
        $helps = $this->cues->all();
        $drills = CompareDrills::all($rows);

        return new ClassStoryView(
            SentenceView::of(self::told($rows), LengthUnit::Centimetre),
            $this->read->today()->format('Y-m-d'),
            array_map(ClassStoryRowView::of(...), $rows),
            $helps,
            SentenceView::of(CompareCues::said($helps), LengthUnit::Centimetre),
            $drills,
            SentenceView::of(CompareDrills::said($drills), LengthUnit::Centimetre),
            $this->gyms->current()->revision(),
        );
    }

    private static function order(GymRow $row): int
    {
        return (int) array_search($row->moving, [Moving::Stuck, Moving::Away, Moving::Moves, Moving::Open], true);
    }

    /**
     * @param list<GymRow> $rows
     */
    private static function told(array $rows): Verdict
    {
        $count = static fn (Moving $moving): int => \count(array_filter(
            $rows,
            static fn (GymRow $row): bool => $row->moving === $moving,
        ));
        if ([] === array_filter($rows, static fn (GymRow $row): bool => null !== $row->last)) {
            return Verdict::of('story.gym_none');
        }

        return Verdict::of('story.gym', [
            'people' => \count($rows),
            'moves' => $count(Moving::Moves),
            'stuck' => $count(Moving::Stuck),
            'away' => $count(Moving::Away),
        ]);
    }
}
