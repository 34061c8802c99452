<?php

declare(strict_types=1);

namespace Zumbo\Core\Body;

use Zumbo\Core\Measure\Term;
use Zumbo\Core\Measure\Verdict;

/**
 * What a coach must know before an athlete jumps. The advice defers to licensed practice and clears nobody.
 *
 * Common practice, no published source.
 */
enum Caution: string
{
    case RedFlag = 'red-flag';
    case Pain = 'pain';
    case RecentInjury = 'recent-injury';
    case Pregnancy = 'pregnancy';
    case AfterChildbirth = 'after-childbirth';
    case PelvicFloor = 'pelvic-floor';
    case Bone = 'bone';
    case Heart = 'heart';

    /** Whether jumping stays off until the athlete confirms that a professional cleared it. */
    public function stopsJumping(): bool
    {
        return self::RedFlag === $this;
    }

    public function advice(): Verdict
    {
        return Verdict::of(
            match ($this) {
                self::RedFlag => 'caution.stop',
                self::Pain => 'caution.pain',
                default => 'caution.ask_first',
            },
            ['caution' => Term::of($this)],
        );
    }
}
