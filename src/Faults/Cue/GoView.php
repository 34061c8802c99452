<?php

declare(strict_types=1);

namespace Zumbo\App\Faults\Cue;

use Zumbo\App\Entity\People\FocusGo;
use Zumbo\Core\Fault\CueOutcome;

/**
 * One go under a cue, with what is said of the focus after it.
 */
final readonly class GoView
{
    private function __construct(
        public string $id,
        public string $focusId,
        public CueOutcome $outcome,
        /** UTC, ISO 8601. */
        public string $goneAt,
        public FocusView $focus,
        public bool $removed,
        public int $version,
    ) {
    }

    public static function of(FocusGo $go, FocusView $focus): self
    {
        return new self(
            $go->id()->toRfc4122(),
            $go->focusId()->toRfc4122(),
            $go->outcome(),
            $go->goneAt()->format('Y-m-d\TH:i:s\Z'),
            $focus,
            $go->isRemoved(),
            $go->version(),
        );
    }
}
