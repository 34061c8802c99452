<?php

declare(strict_types=1);

namespace Zumbo\Core\Pacing\Run;

use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Pacing\Workout\StationKind;

/**
 * The legs of a paced workout as one line of text, to be kept: JSON, a list for each leg.
 */
final class RunLegs
{
    public const MOST = 400;

    /** What each place of a leg holds. */
    public const PLACES = 'round, kind, name, reps, work s, start s, end s, pause s, misses expected, '
        .'done at s or null, misses counted or null';

    /**
     * @param list<DoneLeg> $done
     */
    public static function write(array $done): string
    {
        return json_encode(array_map(static fn (DoneLeg $one): array => [
            $one->leg->round,
            $one->leg->kind->value,
            $one->leg->name,
            $one->leg->reps,
            round($one->leg->workS, 2),
            round($one->leg->startS, 2),
            round($one->leg->endS, 2),
            round($one->leg->pauseS, 2),
            round($one->leg->misses, 3),
            null === $one->endS ? null : round($one->endS, 2),
            $one->misses,
        ], $done), \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE);
    }

    /**
     * @return list<DoneLeg>
     *
     * @throws OutOfRange when it holds anything else
     */
    public static function read(string $text): array
    {
        try {
            $lists = json_decode($text, true, 4, \JSON_THROW_ON_ERROR);
        } catch (\JsonException) {
            throw self::bad($text);
        }
        if (!\is_array($lists) || !array_is_list($lists) || \count($lists) > self::MOST) {
            throw self::bad($text);
        }

        return array_map(static fn (mixed $list): DoneLeg => self::leg($list) ?? throw self::bad((string) json_encode($list)), $lists);
    }

    private static function leg(mixed $list): ?DoneLeg
    {
        if (!\is_array($list) || !array_is_list($list) || 11 !== \count($list)) {
            return null;
        }
        [$round, $kind, $name, $reps, $work, $start, $end, $pause, $misses, $done, $missed] = $list;
        $kind = \is_string($kind) ? StationKind::tryFrom($kind) : null;
        if (null === $kind || !\is_string($name) || !\is_int($round) || !\is_int($reps) || $round < 1 || $reps < 0) {
            return null;
        }
        if (!(null === $missed || (\is_int($missed) && $missed >= 0)) || !(null === $done || self::isTime($done))) {
            return null;
        }
        if (!self::isTime($work) || !self::isTime($start) || !self::isTime($end) || !self::isTime($pause) || !self::isTime($misses)) {
            return null;
        }

        return new DoneLeg(
            new RunLeg($round, $kind, $name, $reps, (float) $work, (float) $start, (float) $end, (float) $pause, (float) $misses),
            null === $done ? null : (float) $done,
            $missed,
        );
    }

    /** @phpstan-assert-if-true int|float $number */
    private static function isTime(mixed $number): bool
    {
        return (\is_int($number) || \is_float($number)) && $number >= 0 && $number < 1e6;
    }

    private static function bad(string $text): OutOfRange
    {
        return OutOfRange::of('legs', substr($text, 0, 80), 'at most '.self::MOST.' legs, each a list of '.self::PLACES);
    }
}
