<?php

declare(strict_types=1);

namespace Zumbo\Core\Today;

use Zumbo\Core\Measure\Verdict;

/**
 * What is said about an athlete, as it is said to them.
 */
final class OwnWords
{
    /** Of a rule's verdict the same, in the second person; what says "they" nowhere stays as it is. */
    public static function of(Verdict $verdict): Verdict
    {
        $code = match ($verdict->code) {
            'caution.urgent' => 'own.urgent',
            'caution.leakage' => 'own.leakage',
            'caution.severe_pain' => 'own.severe_pain',
            'caution.again' => 'own.again',
            'caution.pain' => 'own.pain',
            'caution.ask_first' => 'own.ask_first',
            default => $verdict->code,
        };

        return Verdict::of($code, $verdict->values);
    }
}
