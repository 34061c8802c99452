<?php

declare(strict_types=1);

namespace Zumbo\Core\Body;

use Zumbo\Core\Measure\Verdict;

/**
 * Whether somebody still grows: under 18, or two rising heights within a year (our assumption). While they do, nothing
 * is cut off a rope: what is short tomorrow can't be let out again.
 */
final readonly class Growing
{
    public const GROWN_UP_FROM = 18;

    private function __construct(
        /** Why nothing may be cut; null: grown up as far as is known. */
        public ?Verdict $reason,
    ) {
    }

    public static function no(): self
    {
        return new self(null);
    }

    /** @param int|null $age null: not known */
    public static function of(?int $age, bool $heightsRise): self
    {
        return new self(match (true) {
            null !== $age && $age < self::GROWN_UP_FROM => Verdict::of('tails.growing_age', [
                'from' => self::GROWN_UP_FROM,
            ]),
            $heightsRise => Verdict::of('tails.growing_heights'),
            default => null,
        });
    }
}
