<?php

declare(strict_types=1);

namespace Zumbo\App\Sets\Ladder;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\App\Platform\Input\OneOf;
use Zumbo\Core\Sets\Ladder\Ladder;
use Zumbo\Core\Sets\Ladder\LadderAim;
use Zumbo\Core\Sets\Ladder\LadderFamily;
use Zumbo\Core\Sets\Ladder\MissRule;

/**
 * What a ladder fitted to an athlete shall be: its shape, what for, and for how long.
 */
final readonly class LadderFitInput
{
    public function __construct(
        #[OneOf(LadderFamily::class)] public string $family = 'rising',
        /** Singles before the doubles of each rung, for that family. */
        #[Assert\Range(min: 1, max: 10)] public int $fixedSingles = 3,
        /** Calm singles that end each rung. */
        #[Assert\Range(min: 0, max: Ladder::MOST_EXIT)] public int $exitSingles = 0,
        #[OneOf(MissRule::class)] public string $missRule = 'repeat',
        #[OneOf(LadderAim::class)] public string $aim = 'practise',
        /** Null: one time through. */
        #[Assert\Range(min: 1, max: 60)] public ?int $minutes = null,
        /** Null: as many as are left today. */
        #[Assert\Range(min: 1, max: 5000)] public ?int $contacts = null,
    ) {
    }
}
