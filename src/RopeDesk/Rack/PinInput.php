<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Rack;

use Symfony\Component\Validator\Constraints as Assert;

/**
 * Which shared rope goes to whom, whatever is computed.
 */
final readonly class PinInput
{
    public function __construct(
        #[Assert\Uuid(versions: [7])] public string $athleteId,
        #[Assert\Uuid(versions: [7])] public string $rackRopeId,
    ) {
    }
}
