<?php

declare(strict_types=1);

namespace Zumbo\Core\Fault;

use Zumbo\Core\Measure\Verdict;

/**
 * What to look at on the rope before anybody blames the athlete.
 */
enum RopeCheck: string
{
    case Length = 'length';
    case Condition = 'condition';
    case Weight = 'weight';

    /** Before anything else. */
    public function first(): Verdict
    {
        return Verdict::of(match ($this) {
            self::Length => 'check.length',
            self::Condition => 'check.condition',
            self::Weight => 'check.weight',
        });
    }

    /** Once, after what comes before it. */
    public function afterwards(): Verdict
    {
        return Verdict::of(match ($this) {
            self::Length => 'check.then_length',
            self::Condition => 'check.then_condition',
            self::Weight => 'check.then_weight',
        });
    }
}
