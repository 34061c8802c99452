<?php

declare(strict_types=1);

namespace Zumbo\Core\Calc\Beat;

use Zumbo\Core\Calc\Calculation;
use Zumbo\Core\Calc\Field\Field;
use Zumbo\Core\Calc\Field\Inputs;
use Zumbo\Core\Calc\Field\PatternText;
use Zumbo\Core\Measure\Rate;
use Zumbo\Core\Rhythm\Beat;
use Zumbo\Core\Rhythm\Group;
use Zumbo\Core\Rhythm\JumpRun;
use Zumbo\Core\Rhythm\LadderItem;
use Zumbo\Core\Rhythm\Pattern;
use Zumbo\Core\Rhythm\PatternItem;
use Zumbo\Core\Rhythm\PatternTiming;
use Zumbo\Core\Rhythm\Rest;
use Zumbo\Core\Rhythm\Work;

/**
 * `pattern`: reads the notation of feet and rope, counts it, says it aloud, and puts it in time.
 */
final class PatternCalculation implements Calculation
{
    private const MOST_BEATS = 2000;

    public function name(): string
    {
        return 'pattern';
    }

    public function summary(): string
    {
        return 'a pattern of jumps: its counts, its text, its beat';
    }

    public function fields(): array
    {
        return [
            Field::text('notation', 400, 'the pattern, like "3s d" or "(5s d)x4 r10"')->required(),
            Field::number('cadence_per_min', 20, 400, 'jumps a minute; then the beats are given too'),
        ];
    }

    public function calculate(Inputs $inputs): array
    {
        $pattern = PatternText::read($inputs, 'notation');

        return [
            'notation' => $inputs->text('notation'),
            'canonical' => $pattern->notation(),
            'text' => $pattern->text(),
            ...self::counts($pattern, $inputs),
            'rest_s' => $pattern->restSeconds(),
            'tree' => self::tree($pattern),
            ...self::beats($pattern, $inputs),
        ];
    }

    /**
     * @return array<string, mixed>
     */
    private static function counts(Pattern $pattern, Inputs $inputs): array
    {
        if (!$pattern->isTimed()) {
            return ['jumps' => $pattern->jumps(), 'turns' => $pattern->turns(), 'contacts' => $pattern->contacts()];
        }
        if (!$inputs->has('cadence_per_min')) {
            return [
                'jumps' => null,
                'jumps_reason' => 'needs cadence_per_min: it works by time',
                'turns' => null,
                'turns_reason' => 'needs cadence_per_min',
                'contacts' => null,
                'contacts_reason' => 'needs cadence_per_min',
            ];
        }
        $beats = array_filter(
            PatternTiming::of($pattern, Rate::perMinute($inputs->number('cadence_per_min'))),
            static fn (Beat $beat): bool => null !== $beat->kind,
        );

        return [
            'jumps' => \count($beats),
            'turns' => array_sum(array_map(static fn (Beat $beat): int => \count($beat->turnsS), $beats)),
            'contacts' => \count($beats),
        ];
    }

    /**
     * @return list<array<string, mixed>>
     */
    private static function tree(Pattern $pattern): array
    {
        return array_map(
            static fn (PatternItem $item): array => match (true) {
                $item instanceof JumpRun => ['jump' => $item->kind->value, 'count' => $item->count] +
                    (null === $item->footwork ? [] : ['footwork' => $item->footwork->value]) +
                    ($item->unbroken ? ['unbroken' => true] : []),
                $item instanceof LadderItem => ['rungs' => array_map(self::tree(...), $item->rungs)],
                $item instanceof Work => ['work_s' => $item->seconds, 'items' => self::tree($item->pattern)],
                $item instanceof Rest => ['rest_s' => $item->seconds],
                $item instanceof Group => ['times' => $item->times, 'items' => self::tree($item->pattern)],
                default => throw new \LogicException('a pattern is made of runs, rests, work, ladders and groups'),
            },
            $pattern->items,
        );
    }

    /**
     * @return array<string, mixed>
     */
    private static function beats(Pattern $pattern, Inputs $inputs): array
    {
        if (!$inputs->has('cadence_per_min')) {
            return [];
        }
        if ($pattern->most() > self::MOST_BEATS) {
            return ['beats' => null, 'beats_reason' => 'more than '.self::MOST_BEATS.' jumps'];
        }
        $beats = PatternTiming::of($pattern, Rate::perMinute($inputs->number('cadence_per_min')));

        return [
            'beats' => array_map(
                static fn (Beat $beat): array => [
                    'kind' => $beat->kind?->value,
                    'at_s' => $beat->atS,
                    'turns_s' => $beat->turnsS,
                    'end_s' => $beat->endS,
                ],
                $beats,
            ),
        ];
    }
}
