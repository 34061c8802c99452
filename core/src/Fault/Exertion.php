<?php

declare(strict_types=1);

namespace Zumbo\Core\Fault;

use Zumbo\Core\Measure\OutOfRange;

/**
 * How tired an athlete is, as far as anybody said.
 */
final readonly class Exertion
{
    /** From here on a sign that comes late comes of the load (our assumption). */
    public const HARD_FROM = 7;
    public const MOST = 10;

    /** How much likelier, or less likely, it is that the load is the cause (our assumption). */
    private const TIRED = 10.0;
    private const HARD = 3.0;
    private const FRESH = 0.05;

    private function __construct(public ?bool $tired, public ?float $effort)
    {
    }

    public static function unknown(): self
    {
        return new self(null, null);
    }

    /**
     * @param bool|null  $tired  null: nobody said
     * @param float|null $effort how hard it was, 1 to 10; null: not asked
     *
     * @throws OutOfRange
     */
    public static function of(?bool $tired, ?float $effort = null): self
    {
        if (null !== $effort && ($effort < 1 || $effort > self::MOST)) {
            throw OutOfRange::of('effort', (string) $effort, 'a number from 1 to '.self::MOST);
        }

        return new self($tired, $effort);
    }

    public function isHigh(): bool
    {
        return true === $this->tired || (false !== $this->tired && ($this->effort ?? 0) >= self::HARD_FROM);
    }

    /** What it does to the belief that the load is the cause. */
    public function weight(): float
    {
        return match (true) {
            true === $this->tired => self::TIRED,
            false === $this->tired => self::FRESH,
            $this->isHigh() => self::HARD,
            default => 1.0,
        };
    }
}
