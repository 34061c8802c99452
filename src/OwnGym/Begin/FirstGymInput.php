<?php

declare(strict_types=1);

namespace Zumbo\App\OwnGym\Begin;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\App\OwnGym\CoachInput;
use Zumbo\App\OwnGym\GymInput;

/**
 * The first gym of a machine and who owns it.
 */
final readonly class FirstGymInput
{
    public function __construct(
        /** As the start command printed it. */
        #[\SensitiveParameter] #[Assert\NotBlank] #[Assert\Length(max: 40)] public string $code,
        #[Assert\Valid] public GymInput $gym,
        #[Assert\Valid] public CoachInput $coach,
    ) {
    }
}
