<?php

declare(strict_types=1);

namespace Zumbo\App\Path\Ways;

use Zumbo\App\Platform\Input\OneOf;
use Zumbo\Core\Method\Arms;
use Zumbo\Core\Method\ChosenWays;
use Zumbo\Core\Method\Dose;
use Zumbo\Core\Method\Elbows;
use Zumbo\Core\Method\GateRule;
use Zumbo\Core\Method\JumpHeight;
use Zumbo\Core\Method\Method;
use Zumbo\Core\Method\Sound;
use Zumbo\Core\Method\WarmUp;
use Zumbo\Core\Method\WayKind;

/**
 * How a gym teaches, or one athlete is taught: all answers; what is left out is as it is usual, or as the gym does it.
 */
final readonly class WaysInput
{
    public function __construct(
        #[OneOf(Method::class)] public ?string $method = null,
        #[OneOf(Arms::class)] public ?string $arms = null,
        #[OneOf(Elbows::class)] public ?string $elbows = null,
        #[OneOf(JumpHeight::class)] public ?string $height = null,
        #[OneOf(Sound::class)] public ?string $sound = null,
        #[OneOf(GateRule::class)] public ?string $gates = null,
        #[OneOf(WarmUp::class)] public ?string $warmUp = null,
        #[OneOf(Dose::class)] public ?string $dose = null,
    ) {
    }

    public function chosen(): ChosenWays
    {
        return ChosenWays::of(array_filter([
            WayKind::Method->value => $this->method,
            WayKind::Arms->value => $this->arms,
            WayKind::Elbows->value => $this->elbows,
            WayKind::Height->value => $this->height,
            WayKind::Sound->value => $this->sound,
            WayKind::Gates->value => $this->gates,
            WayKind::WarmUp->value => $this->warmUp,
            WayKind::Dose->value => $this->dose,
        ], static fn (?string $answer): bool => null !== $answer));
    }
}
