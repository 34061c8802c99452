<?php

declare(strict_types=1);

namespace Zumbo\Core\Path;

use Zumbo\Core\Drill\Measure;
use Zumbo\Core\Stage\Stage;

/**
 * The default gate of each stage (common practice; a coach may change it). The last stage has none.
 */
final class GateTable
{
    public static function of(Stage $stage): ?Gate
    {
        return match ($stage) {
            Stage::Jump => new Gate(Measure::Hold, 30, quality: 'no pause, quiet landing'),
            Stage::Turn => new Gate(Measure::Streak, 10, quality: 'an even arc'),
            Stage::Join => new Gate(Measure::Streak, 10, quality: 'no double bounce'),
            Stage::Singles => new Gate(Measure::Streak, 100, quality: 'hands narrow'),
            Stage::Range => new Gate(Measure::Streak, 20, quality: 'a steady beat'),
            Stage::Snap => new Gate(Measure::Tries, 8, 10, 'landing tall'),
            Stage::Mix => new Gate(Measure::Hold, 30, quality: 'back into singles'),
            Stage::Link => new Gate(Measure::Streak, 20, quality: 'a calm exit'),
            Stage::Hold => new Gate(Measure::Streak, 50, quality: 'the same jump to the end'),
            Stage::Workout => null,
        };
    }
}
