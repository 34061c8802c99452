<?php

declare(strict_types=1);

namespace Zumbo\Core\Rope;

use Zumbo\Core\Body\Landmark;

/**
 * The schools of sizing a rope. They disagree by half a metre; none is wrong, each names its own stance and reading.
 * All common practice, no published source.
 */
enum School: string
{
    case Height = 'height';
    case Shoulder = 'shoulder';
    case Armpit = 'armpit';
    case Chest = 'chest';
    case BelowChest = 'below-chest';
    case Breastbone = 'breastbone';

    /** Where the ends should reach; the rule of height looks at no landmark. */
    public function landmark(): ?Landmark
    {
        return match ($this) {
            self::Height => null,
            self::Shoulder => Landmark::Shoulder,
            self::Armpit => Landmark::Armpit,
            self::Chest => Landmark::Chest,
            self::BelowChest => Landmark::BelowChest,
            self::Breastbone => Landmark::Breastbone,
        };
    }

    public function usualStance(): Stance
    {
        return self::BelowChest === $this ? Stance::OneFoot : Stance::TwoFeet;
    }

    public function usualReading(): Reading
    {
        return match ($this) {
            self::Height => Reading::Overall,
            self::Breastbone => Reading::CableEnd,
            default => Reading::HandleEnd,
        };
    }
}
