<?php

declare(strict_types=1);

namespace Zumbo\Core\Plan\Practice;

/**
 * The parts of a practice, in their order.
 */
enum Slot: string
{
    case WarmUp = 'warm-up';
    /** The one focus: a fault's drill, or what goes with the stage. */
    case Focus = 'focus';
    /** What the gate counts. */
    case Main = 'main';
    case Finish = 'finish';
    case CoolDown = 'cool-down';
}
