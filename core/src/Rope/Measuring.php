<?php

declare(strict_types=1);

namespace Zumbo\Core\Rope;

/**
 * How a gym measures, whatever school: always in one stance, always by the same ends, so that two readings can be compared
 * (common practice, no published source). Where it says nothing, each school's own holds.
 */
final readonly class Measuring
{
    /**
     * @param Stance|null  $stance  null: the one each school names
     * @param Reading|null $reading null: the one each school means
     */
    private function __construct(public ?Stance $stance, public ?Reading $reading)
    {
    }

    public static function bySchool(): self
    {
        return new self(null, null);
    }

    public static function of(?Stance $stance, ?Reading $reading): self
    {
        return new self($stance, $reading);
    }

    /** In another stance, where one is said. */
    public function in(?Stance $stance): self
    {
        return new self($stance ?? $this->stance, $this->reading);
    }

    /** The rule of height is read as a whole, whatever is said. */
    public function readingOf(School $school): Reading
    {
        $usual = $school->usualReading();

        return Reading::Overall === $usual ? $usual : $this->reading ?? $usual;
    }

    public function stanceOf(School $school): Stance
    {
        return $this->stance ?? $school->usualStance();
    }
}
