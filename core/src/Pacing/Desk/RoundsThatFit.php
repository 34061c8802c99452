<?php

declare(strict_types=1);

namespace Zumbo\Core\Pacing\Desk;

use Zumbo\Core\Numeric\TooMuchWork;
use Zumbo\Core\Pacing\LossDistribution;
use Zumbo\Core\Pacing\Workout\Workout;

/**
 * As many rounds as fit in a time.
 */
final readonly class RoundsThatFit
{
    private const MOST = 200;
    private const SURE = 0.9;

    private function __construct(
        /** Whole and part, as the time of the rounds on average gives. */
        public float $expected,
        /** One in ten does no more than these whole rounds, and one in ten more than the others. */
        public int $p10,
        public int $p90,
    ) {
    }

    /** @throws TooMuchWork when the effort does not suffice */
    public static function of(Workout $workout, RopeWork $rope): self
    {
        [$stations] = $workout->rounds();
        $window = (float) $workout->windowS;
        $work = $spent = $expected = 0.0;
        $p10 = $p90 = null;
        $loss = $rope->nothing();
        for ($round = 0; $round < self::MOST; ++$round) {
            $length = 0.0;
            $tiring = 0;
            foreach ($stations as $station) {
                $tired = $rope->tiredness($round, $tiring);
                $length += $rope->workS($station) + ($rope->plan($station, $tired)?->expectedLossS() ?? 0.0);
                $work += $rope->workS($station);
                $loss = $rope->after($loss, $rope->losses($station, $tired));
                $tiring += (int) $station->tires;
            }
            $expected += $length > 0.0 ? max(0.0, min(1.0, ($window - $spent + 1e-9) / $length)) : 0.0;
            $spent += $length;
            $chance = LossDistribution::mixed($loss)->chanceWithin($window - $work + 1e-9);
            $p10 ??= $chance < self::SURE ? $round : null;
            $p90 ??= $chance < 1 - self::SURE ? $round : null;
            if (null !== $p90 && $spent >= $window) {
                break;
            }
        }

        return new self($expected, $p10 ?? self::MOST, $p90 ?? self::MOST);
    }
}
