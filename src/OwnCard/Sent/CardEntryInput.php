<?php

declare(strict_types=1);

namespace Zumbo\App\OwnCard\Sent;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\App\Entity\Log\AttemptKind;
use Zumbo\App\Platform\Clock\PastInstant;
use Zumbo\App\Platform\Input\OneOf;
use Zumbo\Core\Streak\AttemptEnd;
use Zumbo\Core\Streak\CountedReps;

/**
 * One entry as an athlete counts it on their own card.
 */
final readonly class CardEntryInput
{
    public function __construct(
        /** Made by the phone: sent twice, it counts once. */
        #[Assert\Uuid(versions: [7])] public string $id,
        /** Code of what was done. */
        #[Assert\Length(min: 1, max: 40)] public string $drill,
        #[OneOf(AttemptKind::class)] public string $kind,
        /** Reps of a go or a set, clean tries, or seconds of a hold. */
        #[Assert\Range(min: 0, max: CountedReps::MOST_IN_ENTRY)] public int $reps,
        /** When it was done, like 2026-11-24T18:42:00Z: the phone may have had no network. */
        #[Assert\Regex(PastInstant::PATTERN, message: PastInstant::EXAMPLE)] public string $at,
        /** Misses of a set or a hold, or tries that were not clean. */
        #[Assert\Range(min: 0, max: CountedReps::MOST_IN_ENTRY)] public int $misses = 0,
        /** How a single go ended; left out for the other kinds. */
        #[OneOf(AttemptEnd::class)] public ?string $end = null,
        public bool $clean = true,
    ) {
    }
}
