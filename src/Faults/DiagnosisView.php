<?php

declare(strict_types=1);

namespace Zumbo\App\Faults;

use Zumbo\App\Shared\CueView;
use Zumbo\App\Shared\SentenceView;
use Zumbo\App\Shared\Today\RopeVerdictView;

/**
 * The likeliest causes of what was noticed, and the one thing to say.
 */
final readonly class DiagnosisView
{
    /**
     * @param list<RankedFaultView> $ranked the likeliest first
     */
    public function __construct(
        public string $athleteId,
        public SentenceView $advice,
        public bool $ropeFirst,
        /** About the rope they have, as every screen says it. */
        public RopeVerdictView $rope,
        public array $ranked,
        public CueView $cue,
    ) {
    }
}
