<?php

declare(strict_types=1);

namespace Zumbo\App\Shared\Here;

use Zumbo\App\Entity\Gym\Gym;
use Zumbo\App\Entity\People\Athlete;
use Zumbo\App\Entity\People\Athletes;
use Zumbo\App\Entity\People\Attendances;
use Zumbo\App\Platform\Clock\LocalDay;
use Zumbo\App\Shared\SentenceView;
use Zumbo\App\Shared\Today\Judged;
use Zumbo\App\Shared\Today\JudgeToday;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Today\Attendance;

/**
 * Who is in the hall tonight, and who is not.
 */
final readonly class ReadHere
{
    public function __construct(private Athletes $athletes, private JudgeToday $judge, private Attendances $attendances)
    {
    }

    /**
     * @return array{here: array<string, Judged>, absent: list<AbsentView>} by stage, then by name
     */
    public function tonight(Gym $gym, \DateTimeImmutable $now): array
    {
        $athletes = $this->athletes->present();
        usort(
            $athletes,
            static fn (Athlete $a, Athlete $b): int => [$a->stage()->number(), $a->profile()->name] <=> [
                $b->stage()->number(),
                $b->profile()->name,
            ],
        );
        $day = LocalDay::of($now, $gym->timeZone());
        $judged = $this->judge->everybody($athletes);
        $usual = $gym->classTimes()->tellsApart($day)
            ? $this->attendances->comesOnThatDay($day, intdiv(Attendance::EXPECTED_DAYS, 7))
            : [];
        $marks = $this->attendances->on($day);
        $daysAgo = $this->attendances->lastSeen($day);
        $absent = [];
        foreach ($judged as $id => $one) {
            $logged = $one->sums->entriesOn($day) > 0;
            // Where nobody came on that day yet, it tells nothing.
            $onOther = [] !== $usual && !isset($usual[$id]);
            $away = Attendance::tonight($marks[$id] ?? null, $logged, $daysAgo[$id] ?? null, $onOther)->away;
            if (null !== $away) {
                $name = $one->athlete->profile()->firstName();
                $absent[] = new AbsentView($id, $name, SentenceView::of($away, LengthUnit::Centimetre)->sentence);
                unset($judged[$id]);
            }
        }
        usort($absent, static fn (AbsentView $a, AbsentView $b): int => $a->firstName <=> $b->firstName);

        return ['here' => $judged, 'absent' => $absent];
    }
}
