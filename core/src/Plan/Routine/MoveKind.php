<?php

declare(strict_types=1);

namespace Zumbo\Core\Plan\Routine;

use Zumbo\Core\Drill\Drill;
use Zumbo\Core\Drill\DrillFamily;

/**
 * What sort of move it is: a routine changes between them.
 */
enum MoveKind: string
{
    case Pose = 'pose';
    case Footwork = 'footwork';
    case Backward = 'backward';
    case Swing = 'swing';
    case Cross = 'cross';
    case Release = 'release';

    /** What a freestyle drill is as a move; those left out are whole sets or poses. */
    private const FREESTYLE = [
        'side-swing' => self::Swing,
        'arm-wrap' => self::Swing,
        'criss-cross' => self::Cross,
        'running-crosses' => self::Cross,
        'crossed-double' => self::Cross,
        'handle-release' => self::Release,
    ];

    /** Null: it is no move. */
    public static function of(Drill $drill): ?self
    {
        return match ($drill->family) {
            DrillFamily::Footwork => 'backward-turns' === $drill->code ? self::Backward : self::Footwork,
            DrillFamily::Freestyle => self::FREESTYLE[$drill->code] ?? null,
            default => null,
        };
    }
}
