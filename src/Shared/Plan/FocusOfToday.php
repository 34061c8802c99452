<?php

declare(strict_types=1);

namespace Zumbo\App\Shared\Plan;

use Zumbo\App\Entity\People\Focus;
use Zumbo\App\Shared\CueView;
use Zumbo\Core\Fault\CueHistory;
use Zumbo\Core\Method\Ways;

/**
 * What an athlete works on beside the drill.
 */
final readonly class FocusOfToday
{
    private function __construct(public string $id, public CueView $cue, public int $version)
    {
    }

    /** @param CueHistory|null $history of its athlete; null: not asked for, only the cue is shown */
    public static function of(?Focus $focus, Ways $ways, ?CueHistory $history = null): ?self
    {
        return null === $focus
            ? null
            : new self(
                $focus->id()->toRfc4122(),
                CueView::of($focus->toCore(), $focus->signs(), $ways, $history, $focus->cue()),
                $focus->version(),
            );
    }
}
