<?php

declare(strict_types=1);

namespace Zumbo\App\Sets;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\App\Platform\Input\OneOf;
use Zumbo\Core\Sets\Ladder\LadderFamily;

/**
 * A ladder as a coach builds it.
 */
final readonly class LadderInput
{
    public function __construct(
        #[OneOf(LadderFamily::class)] public string $family = 'rising',
        /** The longest rung. */
        #[Assert\Range(min: 1, max: 30)] public int $top = 10,
        /** Singles before the doubles of each rung, for that family. */
        #[Assert\Range(min: 1, max: 10)] public int $fixedSingles = 3,
    ) {
    }
}
