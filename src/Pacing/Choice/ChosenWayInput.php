<?php

declare(strict_types=1);

namespace Zumbo\App\Pacing\Choice;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\App\Entity\Plan\ChosenWay;
use Zumbo\App\Entity\Plan\OwnWorkout;
use Zumbo\App\Platform\Input\OneOf;
use Zumbo\Core\Pacing\Scale\Scaling;

/**
 * How an athlete does a workout, as a coach wants it.
 */
final readonly class ChosenWayInput
{
    public function __construct(
        #[Assert\Uuid(versions: [7])] public string $athleteId,
        /** As it stands on the whiteboard. */
        #[Assert\NotBlank] #[Assert\Length(max: OwnWorkout::MOST_TEXT)] public string $workout,
        #[OneOf(Scaling::class)] public string $scaling,
        /** As this athlete does it. */
        #[Assert\NotBlank] #[Assert\Length(max: OwnWorkout::MOST_TEXT)] public string $doing,
        /** Why, in the coach's words; empty: they did not say. */
        #[Assert\Length(max: ChosenWay::MOST_REASON)] public string $reason = '',
    ) {
    }
}
