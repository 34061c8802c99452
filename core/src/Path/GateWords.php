<?php

declare(strict_types=1);

namespace Zumbo\Core\Path;

use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Method\GateRule;

/**
 * How far a gate is, as a sentence.
 */
final class GateWords
{
    private const HARDLY_UNDER = 0.05;
    private const ONCE_UNDER = 0.15;
    private const ALMOST_ALWAYS_FROM = 0.95;

    /** What a gate asks. */
    public static function asked(Gate $gate): Verdict
    {
        return Verdict::of(
            GateRule::FormFirst === $gate->rule ? 'gate.asked_form' : 'gate.asked_'.$gate->countKind->value,
            ['count' => $gate->count, 'tries' => $gate->tries, 'quality' => $gate->quality],
        );
    }

    public static function outlook(Gate $gate, float $chance, int $entries, GateLog $log): Verdict
    {
        $values = [
            'count' => $gate->count,
            'tries' => $gate->tries,
            'in_ten' => (int) round(10 * $chance),
            'clean' => $log->cleanOfLast(),
            'last' => \count($log->lastClean),
        ];
        if (0 === $entries) {
            return Verdict::of('gate.unknown_'.$gate->countKind->value, $values);
        }
        if (GateRule::FormFirst === $gate->rule) {
            return Verdict::of('gate.form', $values);
        }
        $often = match (true) {
            $chance < self::HARDLY_UNDER => 'hardly',
            $chance < self::ONCE_UNDER => 'once',
            $chance >= self::ALMOST_ALWAYS_FROM => 'almost_always',
            default => 'in_ten',
        };

        return Verdict::of('gate.'.$often.'_'.$gate->countKind->value, $values);
    }
}
