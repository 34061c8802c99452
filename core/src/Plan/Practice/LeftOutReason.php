<?php

declare(strict_types=1);

namespace Zumbo\Core\Plan\Practice;

/**
 * Why something is not in the plan.
 */
enum LeftOutReason: string
{
    case LoadsWhatIsSore = 'loads-what-is-sore';
    case NoEquipment = 'no-equipment';
    case DoneLastTime = 'done-last-time';
    /** The coach asked for another one. */
    case AskedForAnother = 'asked-for-another';
    case TooManyContacts = 'too-many-contacts';
    /** Something else serves better by the stated weights. */
    case Dearer = 'dearer';
}
