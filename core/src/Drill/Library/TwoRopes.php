<?php

declare(strict_types=1);

namespace Zumbo\Core\Drill\Library;

use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Drill\DrillFamily;
use Zumbo\Core\Drill\DrillWork;
use Zumbo\Core\Drill\Equipment;
use Zumbo\Core\Stage\Stage;

/**
 * Two turned ropes, in teaching order: the turners first.
 *
 * @phpstan-import-type Row from DrillFamily
 */
final class TwoRopes
{
    private const ROWS = [
        'turners-one-rope' => [
            'title' => 'Two turners, one long rope',
            'stages' => [Stage::Range],
            'work' => DrillWork::Rope,
            'beat' => ['8s', 80],
            'count' => [CountKind::Hold, 60, 2],
            'cue' => 'both hands at one height',
            'why' => 'whoever turns well for others turns well alone',
            'how' => 'Two people, one long rope, a wide even circle that touches the floor at each turn. Elbows by the '
                .'body, wrists and forearms together.',
            'watch' => 'one tick to each turn',
            'mistake' => 'one turner pulling it straight',
            'needs' => [Equipment::LongRope, Equipment::Partner],
            'harder' => 'turners-two-ropes',
        ],
        'turners-two-ropes' => [
            'title' => 'Two turners, two ropes, inward by turns',
            'stages' => [Stage::Range, Stage::Hold],
            'work' => DrillWork::Rope,
            'beat' => ['8s', 120],
            'count' => [CountKind::Hold, 60, 2],
            'cue' => 'every beat the same',
            'why' => 'two ropes in an even beat are the floor the jumper stands on',
            'how' => 'Two ropes turned inward, one up while the other is down. Say left and right until the ticks are even.',
            'watch' => 'ticks as even as a clock',
            'mistake' => 'walking towards each other',
            'needs' => [Equipment::LongRope, Equipment::Partner],
            'easier' => 'turners-one-rope',
            'harder' => 'way-in',
        ],
        'way-in' => [
            'title' => 'The way in: past the near rope',
            'stages' => [Stage::Range, Stage::Hold],
            'beat' => ['4s', 120],
            'count' => [CountKind::Tries, 8, 1],
            'cue' => 'land ready',
            'why' => 'the first jump inside decides the rest',
            'how' => 'Stand beside a turner\'s shoulder. When the near rope hits the floor, run in and jump at once on the spot.',
            'watch' => 'in the middle by the first jump',
            'mistake' => 'waiting for a better moment',
            'needs' => [Equipment::LongRope, Equipment::Partner],
            'easier' => 'turners-two-ropes',
            'harder' => 'way-out',
        ],
        'way-out' => [
            'title' => 'The way out: over the far rope\'s turner',
            'stages' => [Stage::Range, Stage::Hold],
            'beat' => ['6s', 120],
            'count' => [CountKind::Tries, 8, 1],
            'cue' => 'eyes on one point',
            'why' => 'leaving on purpose is calmer than being caught',
            'how' => 'Count six jumps inside and leave beside the other turner\'s shoulder with the seventh, without turning round.',
            'watch' => 'out on the count that was said',
            'mistake' => 'stopping before running',
            'needs' => [Equipment::LongRope, Equipment::Partner],
            'easier' => 'way-in',
        ],
    ];

    /**
     * @return array<string, Row> by code
     */
    public static function rows(): array
    {
        return self::ROWS;
    }
}
