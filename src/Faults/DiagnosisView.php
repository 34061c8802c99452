<?php

declare(strict_types=1);

namespace Zumbo\App\Faults;

use Zumbo\App\Shared\CueView;
use Zumbo\App\Shared\SentenceView;
use Zumbo\App\Shared\Today\RopeVerdictView;
use Zumbo\Core\Fault\Action;

/**
 * What to do about what was noticed: the load, the rope, one cue, or one question.
 */
final readonly class DiagnosisView
{
    /**
     * @param list<RankedFaultView> $ranked the cause that is acted on first, then the likeliest
     */
    public function __construct(
        public string $athleteId,
        public Action $action,
        public SentenceView $advice,
        /** What to look at on the rope, before the cue or after the load; null: it was. */
        public ?SentenceView $check,
        /** About the rope they have, as every screen says it. */
        public RopeVerdictView $rope,
        public array $ranked,
        /** Not sure: this first, and no cue unless it is asked for all the same. */
        public ?QuestionView $ask,
        /** Null: the load or the rope comes first. */
        public ?CueView $cue,
        /** What the fault costs on their own rope; null: it has no price in numbers. */
        public ?SentenceView $price,
    ) {
    }
}
