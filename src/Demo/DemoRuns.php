<?php

declare(strict_types=1);

namespace Zumbo\App\Demo;

use Doctrine\ORM\EntityManagerInterface;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\People\Athlete;
use Zumbo\App\Entity\Plan\PacedRun;
use Zumbo\Core\Numeric\Effort;
use Zumbo\Core\Pacing\Desk\DoublesPlan;
use Zumbo\Core\Pacing\Desk\HazardDoubt;
use Zumbo\Core\Pacing\Desk\Jumper;
use Zumbo\Core\Pacing\Desk\TimedWorkout;
use Zumbo\Core\Pacing\Run\DoneLeg;
use Zumbo\Core\Pacing\Run\Pacer;
use Zumbo\Core\Pacing\Run\RunLeg;
use Zumbo\Core\Pacing\Workout\StationKind;
use Zumbo\Core\Pacing\Workout\WorkoutText;
use Zumbo\Core\Stage\Stage;
use Zumbo\Core\Streak\Hazard;

/**
 * Workouts that demo athletes were paced through, drawn from what they can really do.
 */
final readonly class DemoRuns
{
    /** By how many weeks before the end, and what was done. */
    private const WORKOUTS = [
        1 => '4 rounds: 40 doubles, run 1:30',
        2 => '3 rounds: 50 doubles, 20 squats 0:40',
        4 => '5 rounds: 30 doubles, 15 push-ups 0:30',
    ];

    /** What a miss really costs them, and how it varies. */
    private const MISS_S = 12.0;
    private const SPREAD = 0.4;

    /** An evening is so much slower or quicker than the plan, as a share. */
    private const EVENING = 0.06;

    private Randomizer $random;

    public function __construct(private EntityManagerInterface $manager, private DemoIds $ids, int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    public function write(Athlete $athlete, HiddenTruth $truth, \DateTimeImmutable $day): void
    {
        foreach (self::WORKOUTS as $weeks => $text) {
            $week = HiddenTruth::WEEKS - $weeks;
            $stage = $truth->stageIn($week);
            if (null === $stage || $stage->isBefore(Stage::Hold) || $truth->isAway($week)) {
                continue;
            }
            $hazard = $truth->hazardIn($week, 1.0);
            $jumper = new Jumper($hazard, Jumper::DOUBLES_PER_S, Jumper::MISS_COST_S, Jumper::BREAK_COST_S, doubt: HazardDoubt::after(20));
            $timed = TimedWorkout::of(WorkoutText::read($text), $jumper, new Effort(Effort::AT_A_SCREEN));
            [$low, $high] = $timed->band();
            $legs = Pacer::legs($timed, DoublesPlan::all($timed, $jumper), $jumper->missCostS, $jumper->breakCostS);
            $this->manager->persist(new PacedRun(
                $athlete->gymId(),
                $this->id($athlete, $weeks),
                $athlete->id(),
                DemoLog::classDay($day, $week, DemoLog::CLASS_DAYS[0])->modify('+40 minutes'),
                SaltmarshBarbell::OWNER_NAME,
                $text,
                $timed->expectedS,
                $low,
                $high,
                1.0,
                true,
                $this->done($legs, $hazard),
            ));
        }
    }

    private function id(Athlete $athlete, int $weeks): Uuid
    {
        return $this->ids->named('run '.$athlete->id()->toRfc4122().' '.$weeks);
    }

    /**
     * @param list<RunLeg> $legs
     *
     * @return list<DoneLeg>
     */
    private function done(array $legs, Hazard $hazard): array
    {
        $at = 0.0;
        $evening = 1 + self::EVENING * $this->normal();

        return array_map(function (RunLeg $leg) use (&$at, $hazard, $evening): DoneLeg {
            $misses = StationKind::Doubles === $leg->kind ? $this->misses($leg->reps, $hazard) : 0;
            $at += $leg->pauseS + $leg->workS * $evening * (1 + 0.02 * $this->normal());
            for ($i = 0; $i < $misses; ++$i) {
                $at += self::MISS_S * exp(self::SPREAD * $this->normal());
            }

            return new DoneLeg($leg, round($at, 1), $misses);
        }, $legs);
    }

    /** On the way to so many, each go begun anew. */
    private function misses(int $reps, Hazard $hazard): int
    {
        $misses = 0;
        $q = $hazard->first($reps);
        for ($left = $reps, $place = 0; $left > 0;) {
            if ($this->uniform() < min(0.8, $q[$place])) {
                ++$misses;
                $place = 0;
            } else {
                --$left;
                ++$place;
            }
        }

        return $misses;
    }

    /** From 0 up to, not including, 1. */
    private function uniform(): float
    {
        return $this->random->getInt(0, 2 ** 31 - 1) / 2 ** 31;
    }

    private function normal(): float
    {
        return sqrt(-2 * log(1 - $this->uniform())) * cos(2 * \M_PI * $this->uniform());
    }
}
