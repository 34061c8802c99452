<?php

declare(strict_types=1);

namespace Zumbo\App\Health\Stop;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\App\Platform\Input\OneOf;
use Zumbo\Core\Today\StopWord;

/**
 * Whose jumping ends for today, and why.
 */
final readonly class StopInput
{
    public function __construct(
        #[Assert\Uuid(versions: [7])] public string $athleteId,
        #[OneOf(StopWord::class)] public string $why,
    ) {
    }
}
