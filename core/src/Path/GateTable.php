<?php

declare(strict_types=1);

namespace Zumbo\Core\Path;

use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Stage\Stage;

/**
 * The default gate of each stage (common practice; a coach may change it). The last stage has none.
 */
final class GateTable
{
    public static function of(Stage $stage): ?Gate
    {
        return match ($stage) {
            Stage::Jump => new Gate(CountKind::Hold, 30, quality: 'no pause, quiet landing'),
            Stage::Turn => new Gate(CountKind::Streak, 10, quality: 'an even arc'),
            Stage::Join => new Gate(CountKind::Streak, 10, quality: 'no double bounce'),
            Stage::Singles => new Gate(CountKind::Streak, 100, quality: 'hands narrow'),
            Stage::Range => new Gate(CountKind::Streak, 20, quality: 'a steady beat'),
            Stage::Snap => new Gate(CountKind::Tries, 8, 10, 'landing tall'),
            Stage::Mix => new Gate(CountKind::Hold, 30, quality: 'back into singles'),
            Stage::Link => new Gate(CountKind::Streak, 20, quality: 'a calm exit'),
            Stage::Hold => new Gate(CountKind::Streak, 50, quality: 'the same jump to the end'),
            Stage::Workout => null,
        };
    }
}
