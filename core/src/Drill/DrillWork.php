<?php

declare(strict_types=1);

namespace Zumbo\Core\Drill;

/**
 * What a drill asks work of.
 */
enum DrillWork: string
{
    /** Feet only, no rope. */
    case Jump = 'jump';
    /** Hands only: the rope is turned and the feet stay down. */
    case Rope = 'rope';
    case JumpAndRope = 'jump-and-rope';
    /** Neither rope nor landing. */
    case Still = 'still';
}
