<?php

declare(strict_types=1);

namespace Zumbo\App\Faults\Cue;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\App\Platform\Input\OneOf;
use Zumbo\Core\Fault\CueOutcome;

/**
 * What came of one go under the cue of a focus.
 */
final readonly class GoInput
{
    public function __construct(
        #[Assert\Uuid(versions: [7])] public string $focusId,
        #[OneOf(CueOutcome::class)] public string $outcome,
    ) {
    }
}
