<?php

declare(strict_types=1);

namespace Zumbo\Core\Jump;

use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Measure\Verdict;

/**
 * A double read off a slow-motion clip: flight, height and turning rate from four frame numbers, each with what one
 * frame more or less makes of it. Readings spread evenly over ± one frame give a deviation of √(2/3) = 0.816 frame on a
 * difference, and ± two frames at worst; σ_h = g·t·σ_t/4.
 */
final readonly class FrameCount
{
    private const DEVIATION_FRAMES = 0.816496580927726;
    private const WORST_FRAMES = 2;

    /** Nobody stays in the air so long. */
    private const LONGEST_FLIGHT_S = 1.2;

    /** Fewer frames a second and a double can't be read (common practice: 120 to 240 is good). */
    private const LEAST_READABLE = 60.0;

    /** A double jumped higher than this pays for nothing (our assumption). */
    private const HIGH_M = 0.3;

    /** Less than this share of the flight before the first pass is early, more is late (our assumption). */
    private const LATE_SHARE = 0.36;

    private function __construct(
        public Flight $flight,
        public float $flightErrorS,
        public float $heightErrorM,
        /** @var array{float, float} at worst */
        public array $heightWorstM,
        public float $turnsPerMinute,
        public float $turnsError,
        /** @var array{float, float|null} at worst; null: without end */
        public array $turnsWorst,
        public float $firstPassAfterS,
        public float $lastPassBeforeS,
        public Verdict $verdict,
    ) {
    }

    /**
     * @throws OutOfRange when the frames are out of order, the passes 0 to 2 frames apart, or the flight is over 1.2 s
     */
    public static function of(float $framesPerSecond, int $takeOff, int $firstPass, int $secondPass, int $landing): self
    {
        self::refuse($framesPerSecond, [$takeOff, $firstPass, $secondPass, $landing]);
        $flight = Flight::ofSeconds(($landing - $takeOff) / $framesPerSecond);
        $between = $secondPass - $firstPass;
        $perMinute = 60 * $framesPerSecond;
        $deviation = self::DEVIATION_FRAMES / $framesPerSecond;
        $worst = static fn (int $frames): float => (Flight::GRAVITY / 8) *
            (max(0, $landing - $takeOff + $frames) / $framesPerSecond) ** 2;
        $after = ($firstPass - $takeOff) / $framesPerSecond;

        return new self(
            $flight,
            $deviation,
            (Flight::GRAVITY * $flight->seconds * $deviation) / 4,
            [$worst(-self::WORST_FRAMES), $worst(self::WORST_FRAMES)],
            $perMinute / $between,
            ($perMinute / $between ** 2) * self::DEVIATION_FRAMES,
            [
                $perMinute / ($between + self::WORST_FRAMES),
                $between <= self::WORST_FRAMES ? null : $perMinute / ($between - self::WORST_FRAMES),
            ],
            $after,
            ($landing - $secondPass) / $framesPerSecond,
            self::verdict($framesPerSecond, $flight, $after),
        );
    }

    /** The one thing that shows. */
    private static function verdict(float $framesPerSecond, Flight $flight, float $afterS): Verdict
    {
        $values = ['jump_m' => $flight->heightM, 'after_ms' => 1000 * $afterS, 'frames' => $framesPerSecond];

        return match (true) {
            $framesPerSecond < self::LEAST_READABLE => Verdict::of('frames.unreadable', $values),
            $afterS > self::LATE_SHARE * $flight->seconds => Verdict::of('frames.late', $values),
            $flight->heightM > self::HIGH_M => Verdict::of('frames.high', $values),
            default => Verdict::of('frames.sound', $values),
        };
    }

    /** @param array{int, int, int, int} $frames */
    private static function refuse(float $framesPerSecond, array $frames): void
    {
        if (!($framesPerSecond >= 1 && $framesPerSecond <= 10_000)) {
            throw OutOfRange::of('frames a second', \sprintf('%.6g', $framesPerSecond), '1 to 10000');
        }
        [$takeOff, $first, $second, $landing] = $frames;
        if (!($takeOff >= 0 && $takeOff <= $first && $first < $second && $second <= $landing)) {
            throw OutOfRange::of('frames', implode(', ', $frames), 'take-off, pass 1, pass 2, landing in that order');
        }
        if ($second - $first <= self::WORST_FRAMES) {
            throw OutOfRange::of(
                'passes',
                $second - $first.' frames apart',
                'more than 2 frames apart; film with more frames a second',
            );
        }
        $seconds = ($landing - $takeOff) / $framesPerSecond;
        if ($seconds > self::LONGEST_FLIGHT_S || $seconds <= 0) {
            throw OutOfRange::of(
                'flight',
                \sprintf('%.3g s', $seconds),
                'above 0, at most 1.2 s: is the frame rate that of the camera, not of the player',
            );
        }
    }
}
