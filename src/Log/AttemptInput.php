<?php

declare(strict_types=1);

namespace Zumbo\App\Log;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\App\Entity\Log\AttemptKind;
use Zumbo\App\Platform\Clock\PastInstant;
use Zumbo\App\Platform\Input\OneOf;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\Core\Rhythm\HeardBeat;
use Zumbo\Core\Streak\AttemptEnd;
use Zumbo\Core\Streak\CountedReps;

/**
 * One entry of the log as a coach makes it.
 */
final readonly class AttemptInput
{
    public function __construct(
        #[Assert\Uuid(versions: [7])] public string $athleteId,
        /** Code of the drill that was done. */
        #[Assert\Length(min: 1, max: 40)] public string $drill,
        #[OneOf(AttemptKind::class)] public string $kind,
        /** Reps of a go or a set, clean tries, or seconds of a hold. */
        #[Assert\Range(min: 0, max: CountedReps::MOST_IN_ENTRY)] public int $reps,
        /** Misses of a set or a hold, or tries that were not clean; 0 for a single go. */
        #[Assert\Range(min: 0, max: CountedReps::MOST_IN_ENTRY)] public int $misses = 0,
        /** How a single go ended; left out for the other kinds. */
        #[OneOf(AttemptEnd::class)] public ?string $end = null,
        public bool $clean = true,
        /**
         * When it was logged, like 2026-11-24T18:42:00Z; left out: now. Kept on the device while the network is away.
         */
        #[Assert\Regex(PastInstant::PATTERN, message: PastInstant::EXAMPLE)]
        public ?string $at = null,
        /** Jumps a minute of the take that this was counted from; left out: it was counted by eye. */
        #[Assert\Range(min: HeardBeat::LEAST, max: HeardBeat::MOST)] public ?float $cadencePerMin = null,
        /** How uneven that take was, from jump to jump, as a share of the interval; goes with the cadence. */
        #[Assert\Range(min: 0, max: HeardBeat::MOST_VARIATION)] public ?float $variation = null,
    ) {
    }

    /** @throws BadField when one of the two is there without the other */
    public function beat(): ?HeardBeat
    {
        if (null === $this->cadencePerMin && null === $this->variation) {
            return null;
        }

        return new HeardBeat(
            $this->cadencePerMin ?? throw BadField::of('cadencePerMin', null, 'jumps a minute, beside the variation'),
            $this->variation ?? throw BadField::of('variation', null, 'a share of the interval, beside the cadence'),
        );
    }
}
