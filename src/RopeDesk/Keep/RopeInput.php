<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Keep;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\App\Platform\Input\OneOf;
use Zumbo\App\RopeDesk\Size\SizingInput;
use Zumbo\App\Shared\ReadableLength;
use Zumbo\Core\Cable\CableFamily;
use Zumbo\Core\Measure\Quantity;
use Zumbo\Core\Rope\School;
use Zumbo\Core\Rope\Stance;

/**
 * The rope a coach keeps for an athlete.
 */
final readonly class RopeInput
{
    public function __construct(
        #[Assert\Uuid(versions: [7])] public string $athleteId,
        #[OneOf(School::class)] public string $school,
        /** Left out: the one the school names. */
        #[OneOf(Stance::class)] public ?string $stance,
        #[ReadableLength(Quantity::Handle)] public string $handle,
        #[OneOf(CableFamily::class)] public string $family,
        /** Left out: the computed one. */
        #[ReadableLength(Quantity::Cable)] public ?string $cable = null,
        /** Needed when the cable differs from the computed one. */
        #[Assert\Length(max: 200)] public string $overrideReason = '',
        /** One of the gym's own cables; it decides the family. Left out: one of the family. */
        #[Assert\Uuid(versions: [7])] public ?string $cableId = null,
        /** From now on the school is the athlete's goal, whatever their stage. */
        public bool $asGoal = false,
    ) {
    }

    public function sizing(): SizingInput
    {
        return new SizingInput($this->school, $this->stance, $this->handle, $this->cable);
    }
}
