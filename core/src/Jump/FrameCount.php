<?php

declare(strict_types=1);

namespace Zumbo\Core\Jump;

use Zumbo\Core\Measure\Verdict;

/**
 * A double read off a slow-motion clip: flight, height and turning rate from four frame numbers, each with what one
 * frame more or less makes of it. Readings spread evenly over ± one frame give a deviation of √(2/3) = 0.816 frame on a
 * difference, and ± two frames at worst; σ_h = g·t·σ_t/4. The first pass is held against the window that this flight and
 * this rate leave to somebody of 175 cm with a thin coated cable (RopeJump::firstPass).
 */
final readonly class FrameCount
{
    private const DEVIATION_FRAMES = 0.816496580927726;
    private const WORST_FRAMES = 2;

    /** Nobody stays in the air so long. */
    private const LONGEST_FLIGHT_S = 1.2;

    /** Fewer frames a second and a double can't be read (common practice: 120 to 240 is good). */
    private const LEAST_READABLE = 60.0;
    private const MOST_RATE = 10_000.0;

    /** A double jumped higher than this pays for nothing (our assumption). */
    private const HIGH_M = 0.3;

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
        /** Below 0: the feet were down again. */
        public float $lastPassBeforeS,
        /** @var array{float, float} the first pass may come from so long to so long after take-off; turned round: never */
        public array $windowS,
        public Verdict $verdict,
    ) {
    }

    /**
     * @throws FrameError when the clip has too few frames a second for a double, the frames are out of order, the passes 0
     *                    to 2 frames apart, or the flight is over 1.2 s; a second pass after the landing is no error but a
     *                    finding
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
        $before = ($landing - $secondPass) / $framesPerSecond;
        $window = self::window($flight, $perMinute / $between);

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
            $before,
            $window,
            self::verdict($flight, $after, $before, $window, 0.5 / $framesPerSecond),
        );
    }

    /**
     * @return array{float, float}
     */
    private static function window(Flight $flight, float $turnsPerMinute): array
    {
        [$from, $to] = RopeJump::of(2, $flight, JumpGeometry::usual())->firstPass($turnsPerMinute);

        return [$from, $to];
    }

    /**
     * The one thing that shows.
     *
     * @param array{float, float} $windowS
     * @param float               $halfFrameS a reading is no better
     */
    private static function verdict(Flight $flight, float $afterS, float $beforeS, array $windowS, float $halfFrameS): Verdict
    {
        [$from, $to] = $windowS;
        $values = [
            'jump_m' => $flight->heightM,
            'after_ms' => self::ms($afterS),
            'from_ms' => self::ms($from),
            'to_ms' => self::ms($to),
            'late_ms' => self::ms($afterS - $to),
            'early_ms' => self::ms($from - $afterS),
            'landed_ms' => self::ms(-$beforeS),
        ];

        return match (true) {
            $to < $from => Verdict::of('frames.too_slow', $values),
            $beforeS < 0.0 => Verdict::of('frames.second_too_late', $values),
            $afterS > $to + $halfFrameS => Verdict::of('frames.late', $values),
            $afterS < $from - $halfFrameS => Verdict::of('frames.early', $values),
            $flight->heightM > self::HIGH_M => Verdict::of('frames.high', $values),
            default => Verdict::of('frames.sound', $values),
        };
    }

    private static function ms(float $seconds): int
    {
        return (int) round(1000 * $seconds);
    }

    /** @param array{int, int, int, int} $frames */
    private static function refuse(float $framesPerSecond, array $frames): void
    {
        [$takeOff, $first, $second, $landing] = $frames;
        $rate = \sprintf('%.6g', $framesPerSecond);
        if (!($framesPerSecond >= self::LEAST_READABLE && $framesPerSecond <= self::MOST_RATE)) {
            $apart = $second - $first;
            $why = $framesPerSecond > 0 && $framesPerSecond < self::LEAST_READABLE && $apart > 0
                ? \sprintf(
                    'a double can not be read at %s a second: %d frames between its passes are ± %.0f turns a minute; ',
                    $rate,
                    $apart,
                    (60 * $framesPerSecond / $apart ** 2) * self::DEVIATION_FRAMES,
                )
                : '';
            throw FrameError::of('frames_per_s', 'frames a second', $rate, $why.'film with 120 to 240, at least 60');
        }
        self::inOrder('takeoff', 'take-off', $takeOff, 0, 'the first frame of the clip, 0,');
        self::inOrder('pass_1', 'pass 1', $first, $takeOff, "take-off, frame $takeOff,");
        self::inOrder('pass_2', 'pass 2', $second, $first + self::WORST_FRAMES + 1, 'more than 2 frames after pass 1, frame '
            .($first + self::WORST_FRAMES + 1).',');
        self::inOrder('landing', 'landing', $landing, $takeOff + 1, 'after take-off, frame '.($takeOff + 1).',');
        $seconds = ($landing - $takeOff) / $framesPerSecond;
        if ($seconds > self::LONGEST_FLIGHT_S) {
            throw FrameError::of(
                'landing',
                'landing',
                (string) $landing,
                \sprintf('a flight of %.3g s: at most 1.2 s; is the frame rate that of the camera, not of the player', $seconds),
            );
        }
        if ($first >= $landing) {
            throw FrameError::of('pass_1', 'pass 1', (string) $first, "before the landing, frame $landing");
        }
    }

    private static function inOrder(string $field, string $name, int $frame, int $least, string $after): void
    {
        if ($frame < $least) {
            throw FrameError::of($field, $name, (string) $frame, "$after or later");
        }
    }
}
