<?php

declare(strict_types=1);

namespace Zumbo\App\Faults\Cue;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\App\Platform\Input\OneOf;
use Zumbo\Core\Fault\Sign;

/**
 * The fault an athlete is to work on from now on.
 */
final readonly class FocusInput
{
    /**
     * @param list<string> $signs
     */
    public function __construct(
        #[Assert\Uuid(versions: [7])] public string $athleteId,
        /** Code of the fault. */
        #[Assert\Length(min: 1, max: 24)] public string $fault,
        /** What was noticed. */
        #[OneOf(Sign::class, multiple: true)] #[Assert\Unique] public array $signs = [],
        /** What is said, one of the fault's cues; empty: whichever is best by what is known. */
        #[Assert\Length(max: 120)] public string $cue = '',
    ) {
    }
}
