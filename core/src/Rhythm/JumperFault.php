<?php

declare(strict_types=1);

namespace Zumbo\Core\Rhythm;

/**
 * What a simulated jumper does wrong (faults as coaches name them, common practice).
 */
enum JumperFault: string
{
    case None = 'none';
    /** Two landings on one turn. */
    case DoubleBounce = 'double-bounce';
    /** Settles on the heels now and then. */
    case Pause = 'pause';
    /** The beat speeds up through the set. */
    case Rushing = 'rushing';
    /** The passes of a double come late in the flight. */
    case LateSpin = 'late-spin';
    /** The rope catches the feet now and then. */
    case Trip = 'trip';
}
