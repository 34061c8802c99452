<?php

declare(strict_types=1);

namespace Zumbo\App\OwnGym\People;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\App\OwnGym\CoachInput;

/**
 * Whoever takes up an invitation.
 */
final readonly class JoinInput
{
    public function __construct(
        #[Assert\Valid] public LinkInput $link,
        /** Made by the device, so that an answer that was lost does no harm. */
        #[Assert\Uuid(versions: [7])] public string $coachId,
        #[Assert\Valid] public CoachInput $coach,
    ) {
    }
}
