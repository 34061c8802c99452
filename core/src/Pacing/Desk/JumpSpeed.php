<?php

declare(strict_types=1);

namespace Zumbo\Core\Pacing\Desk;

use Zumbo\Core\Jump\Flight;
use Zumbo\Core\Jump\JumpGeometry;
use Zumbo\Core\Jump\RopeJump;
use Zumbo\Core\Jump\WayToJump;

/**
 * How fast doubles are jumped: by the height of the jump (models E; 0.18 s on the ground).
 */
enum JumpSpeed: string
{
    case LowFast = 'low-fast';
    case Natural = 'natural';
    case HighSlow = 'high-slow';

    /** Of the jump; high and low as is common, the natural one in between as its rate asks (our assumption). */
    public function heightM(): float
    {
        return match ($this) {
            self::LowFast => 0.10,
            self::Natural => Flight::ofSeconds(1 / Jumper::DOUBLES_PER_S - RopeJump::USUAL_CONTACT_S)->heightM,
            self::HighSlow => 0.30,
        };
    }

    public function perSecond(): float
    {
        return $this->way()->cadence / 60;
    }

    /** Of one jump to that of a low and fast one: the spring of the tendons is left out, an upper bound. */
    public function workRatio(): float
    {
        return $this->way()->workPerKg / self::LowFast->way()->workPerKg;
    }

    /** The same of a minute. */
    public function powerRatio(): float
    {
        return $this->way()->powerPerKg / self::LowFast->way()->powerPerKg;
    }

    private function way(): WayToJump
    {
        return WayToJump::of(RopeJump::of(2, Flight::ofHeight($this->heightM()), JumpGeometry::usual()));
    }
}
