<?php

declare(strict_types=1);

namespace Zumbo\App\Planner\Practice;

use Zumbo\App\Shared\BeatView;
use Zumbo\Core\Plan\Practice\PlanRule;

/**
 * Who does the same thing in a part, how it looks, and which rule chose it.
 */
final readonly class PlanGroupView
{
    /**
     * @param list<string>       $athletes ids
     * @param list<string>       $names    first names
     * @param list<BeatView>     $beats    empty: nothing with a beat of its own
     * @param list<PlanItemView> $items    of a warm-up or a cool-down
     * @param list<PlanWhyView>  $whys     what most of them do it for first
     * @param list<LeftOutView>  $leftOut
     */
    public function __construct(
        public string $code,
        public string $title,
        public array $athletes,
        public array $names,
        public string $dose,
        public string $text,
        public array $beats,
        public string $cue,
        /** Of the first of them. */
        public PlanRule $rule,
        public array $whys,
        public array $items,
        public array $leftOut,
        public ?string $easier,
        public ?string $easierTitle,
        public ?string $harder,
        public ?string $harderTitle,
    ) {
    }
}
