<?php

declare(strict_types=1);

namespace Zumbo\App\Faults\Cue;

use Zumbo\App\Entity\People\Focus;
use Zumbo\App\Shared\CueView;
use Zumbo\Core\Fault\CueHistory;
use Zumbo\Core\Method\Ways;

/**
 * What an athlete works on.
 */
final readonly class FocusView
{
    private function __construct(
        public string $id,
        public string $athleteId,
        public CueView $cue,
        /** UTC, ISO 8601. */
        public string $givenAt,
        public bool $removed,
        public int $version,
    ) {
    }

    public static function of(Focus $focus, Ways $ways, CueHistory $history): self
    {
        return new self(
            $focus->id()->toRfc4122(),
            $focus->athleteId()->toRfc4122(),
            CueView::of($focus->toCore(), $focus->signs(), $ways, $history, $focus->cue()),
            $focus->givenAt()->format('Y-m-d\TH:i:s\Z'),
            $focus->isRemoved(),
            $focus->version(),
        );
    }
}
