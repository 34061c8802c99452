<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Keep;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\App\Platform\Input\OneOf;
use Zumbo\App\RopeDesk\Size\SizingInput;
use Zumbo\App\Shared\ReadableLength;
use Zumbo\Core\Cable\CableFamily;
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
        #[ReadableLength('Handle length', leastM: 0.05, mostM: 0.3)] public string $handle,
        #[OneOf(CableFamily::class)] public string $family,
        /** Left out: the computed one. */
        #[ReadableLength('Cable', leastM: 1.0, mostM: 5.0)] public ?string $cable = null,
        /** Needed when the cable differs from the computed one. */
        #[Assert\Length(max: 200)] public string $overrideReason = '',
        /** One of the gym's own cables; it decides the family. Left out: one of the family. */
        #[Assert\Uuid(versions: [7])] public ?string $cableId = null,
    ) {
    }

    public function sizing(): SizingInput
    {
        return new SizingInput($this->school, $this->stance, $this->handle, $this->cable);
    }
}
