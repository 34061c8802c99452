<?php

declare(strict_types=1);

namespace Zumbo\App\Planner\Weeks;

use Psr\Clock\ClockInterface;
use Zumbo\App\Entity\Gym\Gym;
use Zumbo\App\Platform\Clock\LocalDay;
use Zumbo\App\Shared\Today\Judged;
use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Path\SessionSum;
use Zumbo\Core\Plan\Weeks\WeeksWish;
use Zumbo\Core\Today\ClassTime;

/**
 * What the next weeks of an athlete rest on: the days on which they come, their load, and their health.
 */
final readonly class ReadWeeks
{
    /** Who came so often on a weekday lately comes on it (our assumption). */
    private const COMES = 3;
    private const LATELY_DAYS = 56;

    /** Where nothing is said of classes, and nobody came yet. */
    private const USUAL_DAYS = [2, 4];

    public function __construct(private ClockInterface $clock)
    {
    }

    public function of(Judged $one, Gym $gym): WeeksWish
    {
        $day = LocalDay::of($this->clock->now(), $gym->timeZone());

        return WeeksWish::of(
            $one->athlete->stage(),
            $this->classDays($one, $gym, $day),
            range(1, 7),
            $one->days->facts($day, $one->athlete->stage(), null)->weeksContacts,
            $one->gates->ways->dose,
            $one->athlete->profile()->ageIn($day),
            WeeksWish::USUAL_WEEKS,
            !$one->health->noJumping,
            $one->health->easy,
            $one->health->returningSinceDays,
            self::lighterFrom($one, $day),
            !$one->health->nothing,
        );
    }

    /** After the last evening was stopped the next practice is lighter: from the day after it on. */
    private static function lighterFrom(Judged $one, \DateTimeImmutable $day): ?int
    {
        $last = $one->sums->lastDayBefore($day->modify('+1 day'));
        if (null === $last || !isset($one->days->stoppedDays[$last->format('Y-m-d')])) {
            return null;
        }

        return (int) $day->format('N') + ($last->getTimestamp() === $day->getTimestamp() ? 1 : 0);
    }

    /**
     * @return list<SessionSum> as the gate of their stage counts, the newest last
     */
    public static function sessions(Judged $one): array
    {
        $gate = $one->gates->at($one->athlete->stage());

        return $one->sums->sessions($one->athlete->stage(), $gate->countKind ?? CountKind::Streak, $one->days->stoppedDays);
    }

    /** The Monday of the week that a local day is in. */
    public static function monday(\DateTimeImmutable $day): \DateTimeImmutable
    {
        return $day->modify('-'.((int) $day->format('N') - 1).' days');
    }

    /**
     * @return list<int> 1 to 7
     */
    private function classDays(Judged $one, Gym $gym, \DateTimeImmutable $day): array
    {
        $held = array_values(array_unique(array_map(static fn (ClassTime $time): int => $time->weekday, $gym->classTimes()->times)));
        $came = [];
        foreach ($one->sums->lines($day->modify('-'.self::LATELY_DAYS.' days')) as $line) {
            $came[(int) $line['day']->format('N')][$line['day']->format('Y-m-d')] = true;
        }
        $often = array_keys(array_filter($came, static fn (array $days): bool => \count($days) >= self::COMES));
        $classes = [] === $held ? $often : array_values(array_intersect($held, $often));

        return match (true) {
            [] !== $classes => $classes,
            [] !== $held => $held,
            default => self::USUAL_DAYS,
        };
    }
}
