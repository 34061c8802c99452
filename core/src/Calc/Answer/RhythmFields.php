<?php

declare(strict_types=1);

namespace Zumbo\Core\Calc\Answer;

use Zumbo\Core\Calc\Field\BadInput;
use Zumbo\Core\Calc\Field\Field;
use Zumbo\Core\Calc\Field\Inputs;
use Zumbo\Core\Calc\Field\PatternText;
use Zumbo\Core\Rhythm\Evenness;
use Zumbo\Core\Rhythm\Pattern;
use Zumbo\Core\Rhythm\RhythmReport;
use Zumbo\Core\Rhythm\Take;

/**
 * What is said of a take, however it was measured.
 */
final class RhythmFields
{
    public static function targetField(): Field
    {
        return Field::text('target', 400, 'a pattern to compare with, over and over');
    }

    /**
     * @return array<string, mixed>
     */
    public static function of(Take $take, RhythmReport $reading, bool $withTarget): array
    {
        $beat = $reading->beat;
        $variation = $beat?->variation();
        $scatter = $reading->held?->scatter();

        return [
            'jumps' => \count($reading->passes),
            'turns' => $reading->turns,
            'passes' => $reading->passes,
            'cadence_per_min' => $beat?->cadence(),
            ...null === $beat ? ['cadence_reason' => 'needs two landings'] : [],
            'interval_median_s' => $beat?->medianS,
            'interval_cv' => $variation,
            'evenness' => null === $scatter ? null : Evenness::ofVariation($scatter)->value,
            'successive_difference_s' => $beat?->successiveS,
            'drift' => $beat?->driftPerMinute,
            ...null === $beat?->driftPerMinute ? ['drift_reason' => 'needs three steady intervals'] : [],
            'pauses' => array_map(static fn (int $i): float => $take->landingsS[$i], $beat->pauses ?? []),
            'pauses_s' => $reading->pausesS,
            'misses' => array_map(static fn (int $i): float => $take->landingsS[$i], $reading->misses),
            'double_bounces' => \count($reading->bounces),
            'streaks' => $reading->streaks,
            'first_broken' => $reading->firstBroken,
            ...null === $reading->firstBroken
                ? ['first_broken_reason' => $withTarget ? 'no jump differs from the target' : 'needs target']
                : [],
            'counts' => VerdictAnswer::of([$reading->counts])[0]['sentence'] ?? '',
            'verdict' => $reading->verdict->code,
            'says' => VerdictAnswer::of([$reading->verdict])[0]['sentence'] ?? '',
        ];
    }

    /** @throws BadInput naming the place that can't be read */
    public static function target(Inputs $inputs): ?Pattern
    {
        return $inputs->has('target') ? PatternText::read($inputs, 'target') : null;
    }
}
