<?php

declare(strict_types=1);

namespace Zumbo\App\Log;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\App\Platform\Input\OneOf;
use Zumbo\Core\Streak\AttemptEnd;
use Zumbo\Core\Streak\CountedReps;

/**
 * What of an entry is put right; left out: as it stands.
 */
final readonly class EntryChangeInput
{
    public function __construct(
        public ?bool $clean = null,
        #[Assert\Range(min: 0, max: CountedReps::MOST_IN_ENTRY)] public ?int $reps = null,
        /** Of a set, a hold or tries; a single go has none. */
        #[Assert\Range(min: 0, max: CountedReps::MOST_IN_ENTRY)] public ?int $misses = null,
        /** Of a single go. */
        #[OneOf(AttemptEnd::class)] public ?string $end = null,
    ) {
    }
}
