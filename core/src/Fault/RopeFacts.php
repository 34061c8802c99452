<?php

declare(strict_types=1);

namespace Zumbo\Core\Fault;

/**
 * What is known of the rope, each for itself: one that was checked for length was not checked for weight.
 */
final readonly class RopeFacts
{
    /** How far a fact moves the belief in a fault of the rope (our assumption). */
    private const KNOWN_WRONG = 200.0;
    private const KNOWN_RIGHT = 0.02;

    /** A cable that does not suit the stage makes its faults likelier; it is not wrong for every sign. */
    private const UNSUITED = 10.0;

    private function __construct(
        public RopeLength $length,
        public RopeCondition $condition,
        public RopeWeight $weight,
    ) {
    }

    public static function unchecked(): self
    {
        return self::of();
    }

    public static function of(
        RopeLength $length = RopeLength::Unchecked,
        RopeCondition $condition = RopeCondition::Unchecked,
        RopeWeight $weight = RopeWeight::Unchecked,
    ): self {
        return new self($length, $condition, $weight);
    }

    /** What the facts do to the belief in this fault. */
    public function weightOf(Fault $fault): float
    {
        $wrong = 'rope-light' === $fault->code || 'rope-heavy' === $fault->code ? self::UNSUITED : self::KNOWN_WRONG;
        $known = match ($fault->code) {
            'rope-long' => $this->is($this->length, RopeLength::Unchecked, RopeLength::TooLong),
            'rope-short' => $this->is($this->length, RopeLength::Unchecked, RopeLength::TooShort),
            'rope-worn' => $this->is($this->condition, RopeCondition::Unchecked, RopeCondition::Worn),
            'rope-light' => $this->is($this->weight, RopeWeight::Unchecked, RopeWeight::TooLight),
            'rope-heavy' => $this->is($this->weight, RopeWeight::Unchecked, RopeWeight::TooHeavy),
            default => null,
        };

        return match ($known) {
            null => 1.0,
            true => $wrong,
            false => self::KNOWN_RIGHT,
        };
    }

    /** Its length or its condition is known to be wrong: it is mended first, whatever else shows. */
    public function areWrong(): bool
    {
        return RopeCondition::Worn === $this->condition
            || \in_array($this->length, [RopeLength::TooLong, RopeLength::TooShort], true);
    }

    /**
     * What a likely fault of the rope rests on; else the length before anything else, then the condition; the weight where
     * something speaks against it.
     */
    public function firstCheck(Fault $leader, bool $weightInDoubt): ?RopeCheck
    {
        $asked = match ($leader->code) {
            'rope-worn' => RopeCheck::Condition,
            'rope-light', 'rope-heavy' => RopeCheck::Weight,
            default => RopeCheck::Length,
        };

        return match (true) {
            RopeCheck::Condition === $asked && RopeCondition::Unchecked === $this->condition,
            RopeCheck::Weight === $asked && RopeWeight::Unchecked === $this->weight => $asked,
            RopeLength::Unchecked === $this->length => RopeCheck::Length,
            RopeCondition::Unchecked === $this->condition => RopeCheck::Condition,
            $weightInDoubt && RopeWeight::Unchecked === $this->weight => RopeCheck::Weight,
            default => null,
        };
    }

    /** @return bool|null null: nobody knows */
    private function is(\BackedEnum $fact, \BackedEnum $unchecked, \BackedEnum $wrong): ?bool
    {
        return $fact === $unchecked ? null : $fact === $wrong;
    }
}
