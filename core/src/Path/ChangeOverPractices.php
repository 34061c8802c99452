<?php

declare(strict_types=1);

namespace Zumbo\Core\Path;

use Zumbo\Core\Streak\RateTrend;

/**
 * Whether misses per try fell or rose over the last eight ordinary practices: better or worse from a chance of 0.95 on,
 * plateau where a fall by a third has less than 0.05, now and one practice ago; nothing under sixty misses or three hundred
 * tries. Limits are our assumption.
 *
 * It is asked again after every practice, so better and worse are told against a sceptical belief (most changes are within
 * a factor 1.4): of athletes whose rate stays, at most one in twenty is told so in a month (tested by simulation).
 */
final readonly class ChangeOverPractices
{
    public const WINDOW = 8;
    private const LEAST_MISSES = 60;
    private const LEAST_TRIES = 300;
    private const SURE = 0.95;
    private const PLATEAU_UNDER = 0.05;
    private const A_THIRD_LESS = 2 / 3;

    /** Precisions of the belief that nothing changed, of the log of the rate over the window. */
    private const SCEPTICAL = 8.0;
    private const OPEN = 1.0;

    private function __construct(public Change $change, public int $practices)
    {
    }

    /**
     * @param list<SessionSum> $sessions of one kind of count, the newest last
     */
    public static function of(array $sessions): self
    {
        $ordinary = array_values(array_filter($sessions, static fn (SessionSum $session): bool => !$session->stopped));
        $window = \array_slice($ordinary, -self::WINDOW);
        $trend = self::trend($window, self::SCEPTICAL);
        $worse = $trend?->chanceAbove(0.0);

        return new self(match (true) {
            null === $worse => Change::CannotTell,
            $worse > self::SURE => Change::Worse,
            $worse < 1 - self::SURE => Change::Better,
            self::isFlat($window) && self::isFlat(\array_slice($ordinary, -self::WINDOW - 1, -1)) => Change::Plateau,
            default => Change::CannotTell,
        }, \count($window));
    }

    /**
     * @param list<SessionSum> $window
     */
    private static function isFlat(array $window): bool
    {
        $trend = self::trend($window, self::OPEN);

        return null !== $trend && 1 - $trend->chanceAbove(log(self::A_THIRD_LESS)) < self::PLATEAU_UNDER;
    }

    /**
     * @param list<SessionSum> $window
     *
     * @return RateTrend|null over the whole window; null: too little to tell
     */
    private static function trend(array $window, float $precision): ?RateTrend
    {
        $misses = array_sum(array_map(static fn (SessionSum $session): int => $session->misses, $window));
        $tries = array_sum(array_map(static fn (SessionSum $session): int => $session->tries(), $window));
        if (\count($window) < self::WINDOW || ($misses < self::LEAST_MISSES && $tries < self::LEAST_TRIES)) {
            return null;
        }

        return RateTrend::of(array_map(
            static fn (int $i, SessionSum $session): array => [
                $i / (self::WINDOW - 1),
                $session->tries(),
                $session->misses,
            ],
            array_keys($window),
            $window,
        ), $precision);
    }
}
