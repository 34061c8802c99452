<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\SignIn;

use Zumbo\App\Record\Coach;
use Zumbo\App\Record\Gym;

/**
 * The signed-in coach and their gym; both null when nobody is signed in.
 */
final readonly class MeView
{
    private function __construct(public ?CoachView $coach, public ?GymView $gym)
    {
    }

    public static function nobody(): self
    {
        return new self(null, null);
    }

    public static function of(Coach $coach, Gym $gym): self
    {
        return new self(CoachView::of($coach), GymView::of($gym));
    }
}
