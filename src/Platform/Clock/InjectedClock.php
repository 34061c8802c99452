<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Clock;

use Psr\Clock\ClockInterface;
use Symfony\Component\Clock\MockClock;
use Symfony\Component\Clock\NativeClock;

/**
 * The only clock of the application, in UTC: the machine's, or one standing still at ZUMBO_NOW.
 */
final readonly class InjectedClock implements ClockInterface
{
    private ClockInterface $clock;

    /**
     * @param string|null $now an instant as ISO 8601, like 2026-11-24T18:42:00Z; empty: the machine's clock
     */
    public function __construct(?string $now)
    {
        $this->clock = null === $now || '' === $now ? new NativeClock('UTC') : new MockClock($now, 'UTC');
    }

    public function now(): \DateTimeImmutable
    {
        return $this->clock->now();
    }
}
