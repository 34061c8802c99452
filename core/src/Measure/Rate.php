<?php

declare(strict_types=1);

namespace Zumbo\Core\Measure;

/**
 * How often something happens, kept in 1/s. Positive and finite.
 */
final readonly class Rate
{
    private function __construct(private float $perSecond)
    {
        if (!is_finite($perSecond) || $perSecond <= 0) {
            throw OutOfRange::of('rate', \sprintf('%.6g per second', $perSecond), 'a number above 0');
        }
    }

    /** @throws OutOfRange when not above 0 */
    public static function perMinute(float $count): self
    {
        return new self($count / 60);
    }

    public function countPerMinute(): float
    {
        return $this->perSecond * 60;
    }

    /** Angular rate of something that goes round once per count, in rad/s. */
    public function radiansPerSecond(): float
    {
        return 2 * \M_PI * $this->perSecond;
    }
}
