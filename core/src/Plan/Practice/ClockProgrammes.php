<?php

declare(strict_types=1);

namespace Zumbo\Core\Plan\Practice;

use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Drill\DrillTable;

/**
 * A practice as the clock of a class runs it: who does the same from the first part to the last has one programme.
 */
final class ClockProgrammes
{
    /** A last rest that is shorter than that belongs to the work. */
    private const LEAST_REST_S = 5;

    /**
     * @return list<array{title: string, text: string, people: list<string>}> the text in the notation of intervals
     */
    public static function of(Practice $practice): array
    {
        $programmes = [];
        foreach ($practice->blocks as $person => $blocks) {
            if ([] === $blocks) {
                continue;
            }
            $text = implode('; ', array_map(self::text(...), $blocks));
            $main = array_values(array_filter($blocks, static fn (Block $block): bool => Slot::Main === $block->slot))[0] ?? $blocks[0];
            $programmes[$text] ??= ['title' => mb_substr($main->title, 0, 60), 'text' => $text, 'people' => []];
            $programmes[$text]['people'][] = $person;
        }

        return array_values($programmes);
    }

    private static function text(Block $block): string
    {
        $called = DrillTable::onAClock($block->title);
        if (CountKind::Hold !== $block->countKind || $block->sets < 2 || [] !== $block->items) {
            return \sprintf('%d: %s', $block->seconds, $called);
        }
        $long = $block->sets * ($block->aim + $block->restS);
        $left = $block->seconds - $long;

        return $left >= self::LEAST_REST_S
            ? \sprintf('%d/%d x%d: %s; rest %d', $block->aim, $block->restS, $block->sets, $called, $left)
            : \sprintf('%d: %s', $block->seconds, $called);
    }
}
