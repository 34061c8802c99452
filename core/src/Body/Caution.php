<?php

declare(strict_types=1);

namespace Zumbo\Core\Body;

/**
 * What a coach must know before an athlete jumps. The advice defers to licensed practice and clears nobody.
 *
 * Common practice, no published source.
 */
enum Caution: string
{
    case ChestPain = 'chest-pain';
    case Fainting = 'fainting';
    case Dizziness = 'dizziness';
    case CalfPain = 'calf-pain';
    case Numbness = 'numbness';
    case Leakage = 'leakage';
    /** A warning sign that nobody named, as older records have it. */
    case RedFlag = 'red-flag';
    case Pain = 'pain';
    case RecentInjury = 'recent-injury';
    case Pregnancy = 'pregnancy';
    case AfterChildbirth = 'after-childbirth';
    case PelvicFloor = 'pelvic-floor';
    case Bone = 'bone';
    case Heart = 'heart';
    /** Jumping is allowed, half as much of it. */
    case EasyWeeks = 'easy-weeks';

    /** Stop, and get medical help now. */
    public function isUrgent(): bool
    {
        return match ($this) {
            self::ChestPain, self::Fainting, self::Dizziness, self::CalfPain, self::Numbness, self::RedFlag => true,
            default => false,
        };
    }

    /** A warning sign: no coach clears it. */
    public function isRedFlag(): bool
    {
        return $this->isUrgent() || self::Leakage === $this;
    }

    /** Has a place and a degree, and a coach may clear it. */
    public function isPain(): bool
    {
        return self::Pain === $this || self::RecentInjury === $this;
    }

    /** Whether jumping stays off until the athlete states that a professional cleared it. */
    public function needsProfessional(): bool
    {
        return !$this->isPain() && self::EasyWeeks !== $this;
    }
}
