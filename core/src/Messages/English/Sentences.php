<?php

declare(strict_types=1);

namespace Zumbo\Core\Messages\English;

/**
 * All ICU messages by the verdict's code.
 */
final class Sentences
{
    /** Null: there is none of that code. */
    public static function of(string $code): ?string
    {
        return self::place(strstr($code, '.', true))[$code] ?? null;
    }

    /**
     * @return array<string, string>
     */
    public static function all(): array
    {
        return RopeMessages::ALL + CableMessages::ALL + TrimMessages::ALL + GearMessages::ALL + PathMessages::ALL
            + SetsMessages::ALL + PacingMessages::ALL + RhythmMessages::ALL + FaultMessages::ALL + SourceMessages::ALL
            + TodayMessages::ALL + ListMessages::ALL + PlanMessages::ALL + StoryMessages::ALL + BoxMessages::ALL;
    }

    /**
     * Only what is asked for is loaded: a light computation on the command line says few things.
     *
     * @return array<string, string>
     */
    private static function place(string|false $first): array
    {
        return match ($first) {
            'rope', 'school', 'fit', 'arc', 'partner', 'turned', 'growth' => RopeMessages::ALL,
            'cable' => CableMessages::ALL,
            'trim', 'tails' => TrimMessages::ALL,
            'gear', 'inspect', 'cut', 'order' => GearMessages::ALL,
            'gate', 'set', 'entry', 'class', 'after', 'place', 'setback', 'news' => PathMessages::ALL,
            'verdict', 'allowance', 'stop', 'look', 'caution', 'load', 'own' => TodayMessages::ALL,
            'pacing', 'scaling', 'ladder', 'game', 'hall', 'weibull' => SetsMessages::ALL,
            'fact', 'calibration' => PacingMessages::ALL,
            'sound', 'rhythm', 'pattern', 'frames', 'explorer' => RhythmMessages::ALL,
            'clinic', 'ask', 'check', 'price', 'cue' => FaultMessages::ALL,
            'list', 'entries' => ListMessages::ALL,
            'plan' => PlanMessages::ALL,
            'story' => StoryMessages::ALL,
            'box' => BoxMessages::ALL,
            'why' => SourceMessages::ALL,
            default => [],
        };
    }
}
