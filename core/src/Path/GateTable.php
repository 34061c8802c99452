<?php

declare(strict_types=1);

namespace Zumbo\Core\Path;

use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Method\Method;
use Zumbo\Core\Method\Ways;
use Zumbo\Core\Stage\Stage;

/**
 * The gate of each stage, and what schools ask instead (common practice; a coach may change it). The last stage has none.
 */
final class GateTable
{
    public static function of(Stage $stage, Ways $ways): ?Gate
    {
        $even = Method::EvenJump === $ways->method;
        $gate = match ($stage) {
            Stage::Jump => new Gate(CountKind::Hold, 30, quality: 'no pause, quiet landing'),
            Stage::Turn => new Gate(CountKind::Streak, 10, quality: 'an even arc'),
            Stage::Join => new Gate(CountKind::Streak, 10, quality: 'no double bounce'),
            Stage::Singles => new Gate(CountKind::Streak, 100, quality: 'hands narrow'),
            Stage::Range => new Gate(CountKind::Streak, 20, quality: 'a steady beat'),
            Stage::Snap => new Gate(CountKind::Tries, 8, 10, $even ? 'every jump as high as the last' : 'landing tall'),
            Stage::Mix => new Gate(CountKind::Hold, 30, quality: $even ? 'even gaps' : 'back into singles'),
            Stage::Link => new Gate(CountKind::Streak, 20, quality: $even ? 'even gaps to the end' : 'a calm exit'),
            Stage::Hold => new Gate(CountKind::Streak, 50, quality: 'the same jump to the end'),
            Stage::Workout => null,
        };

        return $gate?->by($ways->gates);
    }

    /**
     * @return non-empty-list<GateChoice> the first is what is usual
     */
    public static function choices(Stage $stage): array
    {
        return match ($stage) {
            Stage::Singles => [GateChoice::Usual, GateChoice::TwoHundred, GateChoice::Minute],
            Stage::Link => [GateChoice::Usual, GateChoice::Ten],
            default => [GateChoice::Usual],
        };
    }
}
