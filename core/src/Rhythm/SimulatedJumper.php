<?php

declare(strict_types=1);

namespace Zumbo\Core\Rhythm;

use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Measure\Rate;
use Zumbo\Core\Numeric\Draws;

/**
 * Somebody who jumps a pattern over and over, not quite evenly and perhaps with a fault; the same seed jumps the same.
 * Stands in for a rope and floor sensor, and is the truth that recordings are made from. Invented behaviour, for tests
 * and demonstration.
 */
final class SimulatedJumper
{
    /** Silence before the first landing. */
    private const LEAD_S = 0.6;
    /** One jump in so many goes wrong when a fault comes now and then. */
    private const FAULT_EVERY = 9;
    private const TRIP_PAUSE_S = 1.3;
    private const PAUSE_BEATS = 0.9;
    /** Of the cadence, gained in a minute. */
    private const RUSH_PER_MINUTE = 0.35;
    private const LONGEST_S = 1800.0;
    private const MOST_JITTER = 0.2;

    /** @var list<float> */
    private array $turnsS = [];
    /** @var list<float> */
    private array $landingsS = [];
    private readonly Draws $chance;

    private function __construct(private readonly JumperFault $fault, private readonly float $jitter, int $seed)
    {
        $this->chance = new Draws($seed);
    }

    /**
     * @param Rate  $cadence jumps a minute
     * @param float $seconds when they stop, from 2 to 1,800
     * @param float $jitter  standard deviation of a jump's length as a share of the beat, from 0 to 0.2
     *
     * @throws OutOfRange
     */
    public static function jump(
        Pattern $pattern,
        Rate $cadence,
        float $seconds,
        float $jitter,
        JumperFault $fault,
        int $seed,
    ): Take {
        if (!($seconds >= 2 && $seconds <= self::LONGEST_S)) {
            throw OutOfRange::of('seconds', \sprintf('%g s', $seconds), 'between 2 and '.self::LONGEST_S.' s');
        }
        if (!($jitter >= 0 && $jitter <= self::MOST_JITTER)) {
            throw OutOfRange::of('jitter', (string) $jitter, 'between 0 and '.self::MOST_JITTER);
        }
        $jumper = new self($fault, $jitter, $seed);
        $jumper->run($pattern, 60 / $cadence->countPerMinute(), $seconds);

        return Take::of($jumper->turnsS, $jumper->landingsS);
    }

    private function run(Pattern $pattern, float $period, float $seconds): void
    {
        $at = self::LEAD_S;
        $this->landingsS[] = $at;
        for ($jump = 0, $before = -1; $jump > $before;) {
            $before = $jump;
            foreach (self::steps($pattern) as $step) {
                if ($step instanceof Rest) {
                    $at += $step->seconds;
                    continue;
                }
                ++$jump;
                $rushed = JumperFault::Rushing === $this->fault ? 1 + (self::RUSH_PER_MINUTE * $at) / 60 : 1.0;
                $length = ($period / $rushed) * $step->kind->beats() * (1 + $this->jitter * $this->chance->normal());
                if ($at + $length > $seconds) {
                    return;
                }
                $at = $this->one($step->kind, $at, $length, $period, 0 === $jump % self::FAULT_EVERY);
            }
        }
    }

    /**
     * Work is done once through: they stop by their own clock.
     *
     * @return iterable<OneJump|Rest>
     */
    private static function steps(Pattern $pattern): iterable
    {
        foreach ($pattern->steps() as $step) {
            if ($step instanceof Work) {
                yield from self::steps($step->pattern);
            } else {
                yield $step;
            }
        }
    }

    /** @return float when the feet are down again */
    private function one(JumpKind $kind, float $at, float $length, float $period, bool $faulty): float
    {
        if ($faulty && JumperFault::Trip === $this->fault) {
            return $this->landingsS[] = $at + $length + self::TRIP_PAUSE_S;
        }
        $pause = $faulty && JumperFault::Pause === $this->fault ? self::PAUSE_BEATS * $period : 0.0;
        $contact = min(PatternTiming::CONTACT_S, PatternTiming::MOST_CONTACT * $length) + $pause;
        $flight = $length + $pause - $contact;
        $late = JumperFault::LateSpin === $this->fault && $kind->passes() > 1 ? 0.4 : 0.0;
        for ($i = 0; $i < $kind->passes(); ++$i) {
            $this->turnsS[] = $at + $contact + $flight * ($late + ((1 - $late) * ($i + 0.5)) / $kind->passes());
        }
        $at += $length + $pause;
        $this->landingsS[] = $at;
        if (JumperFault::DoubleBounce === $this->fault) {
            $at += $length * 0.8;
            $this->landingsS[] = $at;
        }

        return $at;
    }
}
