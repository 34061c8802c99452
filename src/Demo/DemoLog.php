<?php

declare(strict_types=1);

namespace Zumbo\App\Demo;

use Doctrine\ORM\EntityManagerInterface;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Zumbo\App\Entity\Log\Attempt;
use Zumbo\App\Entity\Log\AttemptKind;
use Zumbo\App\Entity\Log\Practice;
use Zumbo\App\Entity\Log\PracticeSet;
use Zumbo\App\Entity\People\Athlete;
use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Drill\Drill;
use Zumbo\Core\Drill\DrillShelf;
use Zumbo\Core\Method\Ways;
use Zumbo\Core\Path\TodaysSet;
use Zumbo\Core\Rhythm\HeardBeat;
use Zumbo\Core\Stage\Stage;
use Zumbo\Core\Streak\AttemptEnd;
use Zumbo\Core\Streak\SimulatedAthlete;

/**
 * Invented practices of three months, two or three a week, each go drawn by the core's own streak model from what the
 * athlete can really do. The same seed gives the same log.
 */
final class DemoLog
{
    /** Days before the end of a week on which classes are held. */
    public const CLASS_DAYS = [7, 4, 2];

    /** Half as good. */
    private const BAD_DAY = 0.5;
    private const STAYS_AWAY = 0.2;
    private const CLEAN = 0.85;

    private readonly Randomizer $chance;

    public function __construct(
        private readonly EntityManagerInterface $manager,
        private readonly DemoIds $ids,
        int $seed,
    ) {
        $this->chance = new Randomizer(new Mt19937($seed));
    }

    public static function classDay(\DateTimeImmutable $end, int $week, int $day): \DateTimeImmutable
    {
        return $end->modify(\sprintf('-%d days', 7 * (HiddenTruth::WEEKS - 1 - $week) + $day))->setTime(18, 30);
    }

    public function write(Athlete $athlete, HiddenTruth $truth, \DateTimeImmutable $end): void
    {
        $practices = [];
        for ($week = 0; $week < HiddenTruth::WEEKS; ++$week) {
            foreach (self::CLASS_DAYS as $day) {
                $stage = $truth->stageIn($week);
                if (null === $stage || $truth->isAway($week) || $this->draw() < self::STAYS_AWAY) {
                    continue;
                }
                $quality = $this->draw() < $truth->badDays() ? self::BAD_DAY : 1.0;
                $before = $practices[$stage->value] ?? 0;
                $practices[$stage->value] = $before + 1;
                $this->practice(
                    $athlete,
                    $stage,
                    self::classDay($end, $week, $day),
                    $before,
                    new SimulatedAthlete($truth->hazardIn($week, $quality), $this->draw(...)),
                );
            }
        }
    }

    private function practice(
        Athlete $athlete,
        Stage $stage,
        \DateTimeImmutable $at,
        int $before,
        SimulatedAthlete $truth,
    ): void {
        $drill = TodaysSet::of($stage, DrillShelf::library(), Ways::usual(), $before)->drill;
        $name = \sprintf('%s %s', $athlete->profile()->name, $at->format('Y-m-d'));
        $practice = new Practice($athlete->gymId(), $this->ids->named($name), $athlete->id(), $at->setTime(0, 0), $at);
        $set = new PracticeSet(
            $athlete->gymId(),
            $this->ids->named($name.' set'),
            $practice->id,
            $drill->code,
            $stage,
        );
        $this->manager->persist($practice);
        $this->manager->persist($set);
        $effort = DemoTakes::effort($athlete, $this->ids, $name, $at);
        if (null !== $effort) {
            $this->manager->persist($effort);
        }
        $entries = $this->chance->getInt(3, 6);
        for ($i = 0; $i < $entries; ++$i) {
            $this->manager->persist(
                $this->attempt(
                    $athlete,
                    $set,
                    $drill,
                    $name.' '.$i,
                    $at->modify(\sprintf('+%d minutes', 4 * $i)),
                    $truth,
                    0 === $i ? DemoTakes::beat($name, $drill, $before) : null,
                ),
            );
        }
    }

    /** Two coaches run the evening; whose hand an entry is in draws nothing. */
    private static function hand(string $name): string
    {
        return 0 === crc32($name) % 3 ? SaltmarshBarbell::COACH_NAME : SaltmarshBarbell::OWNER_NAME;
    }

    private function attempt(
        Athlete $athlete,
        PracticeSet $set,
        Drill $drill,
        string $name,
        \DateTimeImmutable $at,
        SimulatedAthlete $truth,
        ?HeardBeat $beat,
    ): Attempt {
        [$kind, $reps, $misses, $end] = match ($drill->countKind) {
            CountKind::Streak => [AttemptKind::Streak, ...self::streak($truth->go(2 * $drill->aim))],
            CountKind::Tries => [AttemptKind::Tries, ...self::tries($truth->cleanOf($drill->aim), $drill->aim)],
            CountKind::Hold => [AttemptKind::Hold, $drill->aim, $truth->missesIn($drill->aim), null],
        };
        $clean = $this->draw() < self::CLEAN;

        return new Attempt(
            $athlete->gymId(),
            $this->ids->named($name),
            $set->id,
            $athlete->id(),
            $set->stage,
            $kind,
            $reps,
            $misses,
            $end,
            $clean,
            $at,
            self::hand($name),
            false,
            $beat,
        );
    }

    /**
     * @param array{int, AttemptEnd} $go
     *
     * @return array{int, int, AttemptEnd}
     */
    private static function streak(array $go): array
    {
        return [$go[0], 0, $go[1]];
    }

    /**
     * @return array{int, int, null}
     */
    private static function tries(int $clean, int $tries): array
    {
        return [$clean, $tries - $clean, null];
    }

    /** Evenly from 0 to below 1, in millionths. */
    private function draw(): float
    {
        return $this->chance->getInt(0, 999_999) / 1_000_000;
    }
}
