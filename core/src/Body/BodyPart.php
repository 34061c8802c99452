<?php

declare(strict_types=1);

namespace Zumbo\Core\Body;

/**
 * Where it hurts, and what a drill loads (common practice, no published source).
 */
enum BodyPart: string
{
    case Foot = 'foot';
    case Ankle = 'ankle';
    case Achilles = 'achilles';
    case Shin = 'shin';
    case Calf = 'calf';
    case Knee = 'knee';
    case Hip = 'hip';
    case Back = 'back';
    case Wrist = 'wrist';
    case Shoulder = 'shoulder';
    /** Somewhere else: whatever loads anything may load it. */
    case Elsewhere = 'elsewhere';
}
