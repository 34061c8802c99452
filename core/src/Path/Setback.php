<?php

declare(strict_types=1);

namespace Zumbo\Core\Path;

use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Streak\RateTrend;

/**
 * Whether misses rose with something that happened: a trim of the rope, or a pause of two weeks and more. The first three
 * practices after it against the eight before; surer after one than after three, so that among athletes for whom nothing
 * changed at most one in twenty is told so (tested by simulation). Limits are our assumption.
 */
final class Setback
{
    public const PAUSE_DAYS = 14;
    public const PRACTICES = 3;
    private const BEFORE = 8;
    private const LEAST_BEFORE = 3;

    /** How sure one must be after so many practices. */
    private const SURE = [1 => 0.997, 2 => 0.99, 3 => 0.96];
    private const SCEPTICAL = 1.0;

    /** Less than half as much again is not worth a word. */
    private const LEAST_RISE = 1.5;
    private const PER_TRIES = 100;

    /**
     * @param list<SessionSum> $sessions with their days, of one kind of count, the newest last
     * @param int|null         $trimmed  day from which on the rope is shorter, counted as theirs are; null: not lately
     *
     * @return Verdict|null null: nothing of the kind shows
     */
    public static function of(array $sessions, ?int $trimmed): ?Verdict
    {
        $ordinary = array_values(array_filter($sessions, static fn (SessionSum $session): bool => !$session->stopped));
        $byTrim = null === $trimmed ? null : self::since($ordinary, $trimmed, 'setback.trim');

        return $byTrim ?? self::afterPause($ordinary);
    }

    /**
     * @param list<SessionSum> $sessions
     */
    private static function afterPause(array $sessions): ?Verdict
    {
        for ($i = \count($sessions) - 1; $i > 0 && $i >= \count($sessions) - self::PRACTICES; --$i) {
            [$last, $next] = [$sessions[$i - 1]->day, $sessions[$i]->day];
            if (null !== $last && null !== $next && $next - $last >= self::PAUSE_DAYS) {
                return self::since($sessions, $next, 'setback.pause');
            }
        }

        return null;
    }

    /**
     * @param list<SessionSum> $sessions
     */
    private static function since(array $sessions, int $day, string $code): ?Verdict
    {
        $before = \array_slice(
            array_values(array_filter($sessions, static fn (SessionSum $one): bool => null !== $one->day && $one->day < $day)),
            -self::BEFORE,
        );
        $after = array_values(array_filter($sessions, static fn (SessionSum $one): bool => null !== $one->day && $one->day >= $day));
        if (\count($before) < self::LEAST_BEFORE || [] === $after || \count($after) > self::PRACTICES) {
            return null;
        }
        $trend = RateTrend::of([...self::rows($before, 0.0), ...self::rows($after, 1.0)], self::SCEPTICAL);

        [$was, $is] = [self::rate($before), self::rate($after)];
        $sure = null !== $trend && $trend->chanceAbove(0.0) > self::SURE[\count($after)];

        return $sure && $is >= self::LEAST_RISE * $was
            ? Verdict::of($code, ['before' => $was, 'after' => $is, 'practices' => \count($after)])
            : null;
    }

    /**
     * @param list<SessionSum> $sessions
     *
     * @return list<array{float, int, int}>
     */
    private static function rows(array $sessions, float $x): array
    {
        return array_map(static fn (SessionSum $one): array => [$x, $one->tries(), $one->misses], $sessions);
    }

    /**
     * @param non-empty-list<SessionSum> $sessions
     */
    private static function rate(array $sessions): float
    {
        $misses = array_sum(array_map(static fn (SessionSum $one): int => $one->misses, $sessions));
        $tries = array_sum(array_map(static fn (SessionSum $one): int => $one->tries(), $sessions));

        return self::PER_TRIES * $misses / max(1, $tries);
    }
}
