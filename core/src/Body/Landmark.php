<?php

declare(strict_types=1);

namespace Zumbo\Core\Body;

/**
 * A height on the standing body that ropes are judged by, with its share of stature.
 *
 * Shoulder (acromion) 0.818 and hip 0.530: segment ratios of Drillis & Contini as printed in D. A. Winter,
 * Biomechanics and Motor Control of Human Movement. The others are values from memory; all differ by about
 * ±0.02 of stature between people.
 */
enum Landmark: string
{
    case Shoulder = 'shoulder';
    case Armpit = 'armpit';
    case Chest = 'chest';
    case BelowChest = 'below-chest';
    case Breastbone = 'breastbone';
    case Ribs = 'ribs';
    case Waist = 'waist';
    case Hip = 'hip';

    /** How much a landmark's share of stature differs between people (from memory). */
    public const SPREAD = 0.02;

    public function shareOfStature(): float
    {
        return match ($this) {
            self::Shoulder => 0.818,
            self::Armpit => 0.76,
            self::Chest => 0.72,
            self::BelowChest => 0.7,
            self::Breastbone => 0.69,
            self::Ribs => 0.66,
            self::Waist => 0.6,
            self::Hip => 0.53,
        };
    }
}
