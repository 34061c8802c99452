<?php

declare(strict_types=1);

namespace Zumbo\App\Rhythm\Sensor;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\App\Platform\Input\OneOf;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\App\Shared\WrittenPattern;
use Zumbo\Core\Measure\Rate;
use Zumbo\Core\Rhythm\Cadence;
use Zumbo\Core\Rhythm\JumperFault;
use Zumbo\Core\Rhythm\SimulatedJumper;
use Zumbo\Core\Rhythm\Take;

/**
 * Whom the stand-in lets jump on its floor. The same seed jumps the same.
 */
final readonly class SensorInput
{
    public function __construct(
        #[Assert\Length(min: 1, max: 400)] public string $notation = '3s d',
        /** Jumps a minute. */
        #[Assert\Range(min: Cadence::LEAST_PER_MINUTE, max: Cadence::MOST_PER_MINUTE)]
        public float $cadence = 104,
        #[Assert\Range(min: 2, max: 120)] public float $seconds = 20,
        /** Standard deviation of a jump's length as a share of the beat. */
        #[Assert\Range(min: 0, max: 0.2)] public float $jitter = 0.03,
        #[OneOf(JumperFault::class)] public string $fault = 'none',
        #[Assert\Range(min: 0, max: 1000000)] public int $seed = 1,
    ) {
    }

    /** @throws BadField when the pattern can't be read */
    public function take(): Take
    {
        return SimulatedJumper::jump(
            WrittenPattern::read('notation', $this->notation),
            Rate::perMinute($this->cadence),
            $this->seconds,
            $this->jitter,
            JumperFault::from($this->fault),
            $this->seed,
        );
    }
}
