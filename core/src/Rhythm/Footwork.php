<?php

declare(strict_types=1);

namespace Zumbo\Core\Rhythm;

/**
 * What the feet, or the hands, do beside jumping: the footwork of stage Range (common practice, no published source).
 */
enum Footwork: string
{
    case BoxerStep = 'boxer-step';
    case AlternateFoot = 'alternate-foot';
    case SideStraddle = 'side-straddle';
    case ForwardStraddle = 'forward-straddle';
    case Skier = 'skier';
    case Bell = 'bell';
    case FeetCross = 'feet-cross';
    case KickOuts = 'kick-outs';
    case Running = 'running';
    case HighKnees = 'high-knees';
    case Backward = 'backward';
    case OneFoot = 'one-foot';
    case Travelling = 'travelling';
    case CrissCross = 'criss-cross';
    case SideSwing = 'side-swing';

    /** As one reads it aloud. */
    public function text(): string
    {
        return str_replace('-', ' ', $this->value);
    }
}
