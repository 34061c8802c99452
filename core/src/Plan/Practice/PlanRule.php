<?php

declare(strict_types=1);

namespace Zumbo\Core\Plan\Practice;

/**
 * Which rule chose a block.
 */
enum PlanRule: string
{
    case WarmUp = 'warm-up';
    case CoolDown = 'cool-down';
    /** The coach said so. */
    case Pin = 'pin';
    /** What stands against jumping today. */
    case NoJump = 'no-jump';
    /** Several work on one fault, with one drill. */
    case SharedFault = 'shared-fault';
    case Fault = 'fault';
    /** What would be in turn was done last time. */
    case Variety = 'variety';
    /** The drills of the stage in turn, as the gate counts. */
    case Turn = 'turn';
    /** A ladder that is made about 85 times in 100. */
    case Ladder = 'ladder';
    /** Goes with the stage. */
    case Stage = 'stage';
    /** It ends with something that is made. */
    case Success = 'success';
    case Game = 'game';
    /** No contacts are left for anything else. */
    case Load = 'load';
}
