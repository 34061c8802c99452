<?php

declare(strict_types=1);

namespace Zumbo\App\SignIn;

use Zumbo\App\Entity\Gym\Coach;
use Zumbo\App\Entity\Gym\Gym;
use Zumbo\App\Shared\GymView;

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
