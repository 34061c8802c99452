<?php

declare(strict_types=1);

namespace Zumbo\App\Demo;

use Doctrine\ORM\EntityManagerInterface;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Zumbo\App\Record\Athlete;
use Zumbo\App\Record\Attempt;
use Zumbo\App\Record\AttemptKind;
use Zumbo\App\Record\Practice;
use Zumbo\App\Record\PracticeSet;
use Zumbo\Core\Drill\Drill;
use Zumbo\Core\Drill\Measure;
use Zumbo\Core\Path\TodaysSet;
use Zumbo\Core\Stage\Stage;
use Zumbo\Core\Streak\AttemptEnd;

/**
 * Invented practices of the last weeks: two or three a week, each rep drawn with a hidden chance per athlete that rises
 * slowly. The same seed gives the same log.
 */
final class DemoLog
{
    private const WEEKS = 4;

    /** Days of a week on which classes are held, from the demo's end backwards. */
    private const CLASS_DAYS = [2, 4, 6];

    /** Chance of a rep by stage, before the athlete's own part. */
    private const CHANCE = [
        'jump' => 0.97, 'turn' => 0.90, 'join' => 0.82, 'singles' => 0.975, 'range' => 0.95, 'snap' => 0.55, 'mix' => 0.93, 'link' => 0.88, 'hold' => 0.965, 'workout' => 0.97,
    ];

    private readonly Randomizer $chance;

    public function __construct(private readonly EntityManagerInterface $manager, private readonly DemoIds $ids, int $seed)
    {
        $this->chance = new Randomizer(new Mt19937($seed));
    }

    public function write(Athlete $athlete, \DateTimeImmutable $end): void
    {
        $own = 0.7 * $this->draw() - 0.35;
        $practices = 0;
        for ($week = self::WEEKS; $week >= 1; --$week) {
            foreach (self::CLASS_DAYS as $day) {
                if ($this->draw() < 0.3) {
                    continue;
                }
                $this->practice($athlete, $end->modify(\sprintf('-%d days', 7 * $week - $day))->setTime(18, 30), $practices++, $own + 0.02 * (self::WEEKS - $week));
            }
        }
    }

    private function practice(Athlete $athlete, \DateTimeImmutable $at, int $before, float $own): void
    {
        $drill = TodaysSet::of($athlete->stage(), $before)->drill;
        $name = \sprintf('%s %s', $athlete->profile()->name, $at->format('Y-m-d'));
        $day = $at->setTime(0, 0);
        $practice = new Practice($athlete->gymId(), $this->ids->named($name), $athlete->id(), $day, $at);
        $set = new PracticeSet($athlete->gymId(), $this->ids->named($name.' set'), $practice->id, $drill->code, $athlete->stage());
        $this->manager->persist($practice);
        $this->manager->persist($set);
        $entries = $this->chance->getInt(3, 6);
        for ($i = 0; $i < $entries; ++$i) {
            $this->manager->persist($this->attempt($athlete, $set, $drill, $name.' '.$i, $at->modify(\sprintf('+%d minutes', 4 * $i)), $own));
        }
    }

    private function attempt(Athlete $athlete, PracticeSet $set, Drill $drill, string $name, \DateTimeImmutable $at, float $own): Attempt
    {
        $p = self::rep($athlete->stage(), $own);
        [$kind, $reps, $misses, $end] = match ($drill->measure) {
            Measure::Streak => $this->streak($p, $drill->aim),
            Measure::Tries => $this->tries($p, $drill->aim),
            Measure::Hold => $this->hold($p, $drill->aim),
        };
        $clean = $this->draw() < 0.85;

        return new Attempt($athlete->gymId(), $this->ids->named($name), $set->id, $athlete->id(), $athlete->stage(), $kind, $reps, $misses, $end, $clean, $at);
    }

    /** The athlete's own part moves the chance of a miss, not of a rep: up to a third more or fewer misses. */
    private static function rep(Stage $stage, float $own): float
    {
        return 1 - (1 - self::CHANCE[$stage->value]) * (1 - $own);
    }

    /**
     * @return array{AttemptKind, int, int, AttemptEnd}
     */
    private function streak(float $p, int $aim): array
    {
        $reps = 0;
        while ($reps < 2 * $aim && $this->draw() < $p) {
            ++$reps;
        }

        return [AttemptKind::Streak, $reps, 0, $reps >= 2 * $aim ? AttemptEnd::Stopped : AttemptEnd::Miss];
    }

    /**
     * @return array{AttemptKind, int, int, null}
     */
    private function tries(float $p, int $tries): array
    {
        $clean = 0;
        for ($i = 0; $i < $tries; ++$i) {
            $clean += $this->draw() < $p ? 1 : 0;
        }

        return [AttemptKind::Tries, $clean, $tries - $clean, null];
    }

    /**
     * @return array{AttemptKind, int, int, null}
     */
    private function hold(float $p, int $seconds): array
    {
        $misses = 0;
        for ($i = 0; $i < $seconds; ++$i) {
            $misses += $this->draw() < $p ? 0 : 1;
        }

        return [AttemptKind::Hold, $seconds, $misses, null];
    }

    /** Evenly from 0 to below 1, in millionths. */
    private function draw(): float
    {
        return $this->chance->getInt(0, 999_999) / 1_000_000;
    }
}
