<?php

declare(strict_types=1);

namespace Zumbo\Core\Today;

use Zumbo\Core\Cable\CableFamily;
use Zumbo\Core\Gear\TrimOutcome;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Rope\RopeSizing;
use Zumbo\Core\Rope\Stance;

/**
 * The rope an athlete has, as far as it is known.
 */
final readonly class OwnRope
{
    /** Two heights are two only from here on: they are read to the centimetre. */
    private const GROWN_M = 0.005;

    private function __construct(
        public Length $cable,
        /** Null: nobody said in which stance it is measured. */
        public ?Stance $stance,
        /** Folded at each end; nothing once the tails are cut. */
        public Length $sparePerSide,
        /** How tall the athlete was when it was sized; null: not known. */
        public ?Length $sizedStature,
        public ?CableFamily $family,
        public bool $sound,
        public bool $tailsCut,
        /** Practices on this length; null: not counted. */
        public ?int $practices,
        /** Of the last trim; null: never trimmed. */
        public ?TrimOutcome $lastTrim,
    ) {
    }

    /** @param Length|null $sparePerSide null: the usual spare */
    public static function of(
        Length $cable,
        ?Stance $stance,
        ?Length $sparePerSide = null,
        ?Length $sizedStature = null,
        ?CableFamily $family = null,
        bool $sound = true,
        bool $tailsCut = false,
        ?int $practices = null,
        ?TrimOutcome $lastTrim = null,
    ): self {
        return new self(
            $cable,
            $stance,
            $tailsCut ? Length::zero() : $sparePerSide ?? Length::ofMetres(RopeSizing::USUAL_SPARE_M),
            $sizedStature,
            $family,
            $sound,
            $tailsCut,
            $practices,
            $lastTrim,
        );
    }

    public function wasSizedForSomebodySmaller(Length $now): bool
    {
        return null !== $this->sizedStature && $now->minus($this->sizedStature)->metres() > self::GROWN_M;
    }
}
