<?php

declare(strict_types=1);

namespace Zumbo\Core\Jump;

use Zumbo\Core\Measure\OutOfRange;

/**
 * n passes of the rope in one flight: A/ω ≤ W, A = 2π(n − 1) + 2θ, W the time the feet are high enough. The least rate
 * is A/W, the least height c + (g/8)(A/ω)², the late-spin budget W − A/ω. Derivation: docs/models/jump.md.
 */
final readonly class RopeJump
{
    public const USUAL_CONTACT_S = 0.18;
    public const MOST_PASSES = 4;

    private function __construct(
        public int $passes,
        public Flight $flight,
        public JumpGeometry $geometry,
        /** On the floor between two flights. */
        public float $contactS,
        /** W: the feet are high enough for so long. */
        public float $clearS,
    ) {
    }

    /** @throws OutOfRange when there are no passes or more than four, or the contact is not between 0.05 and 1 s */
    public static function of(
        int $passes,
        Flight $flight,
        JumpGeometry $geometry,
        float $contactS = self::USUAL_CONTACT_S,
    ): self {
        self::refuse($passes, $contactS);

        return new self($passes, $flight, $geometry, $contactS, $flight->secondsAbove($geometry->clearanceM));
    }

    /**
     * The lowest jump that lets the rope through at a rate, metres.
     *
     * @throws OutOfRange when there are no passes or more than four, or the rate is not above 0
     */
    public static function leastHeight(int $passes, JumpGeometry $geometry, float $turnsPerMinute): float
    {
        self::refuse($passes, self::USUAL_CONTACT_S);

        return $geometry->clearanceM +
            (Flight::GRAVITY / 8) * ($geometry->angleOf($passes) / self::radiansPerSecond($turnsPerMinute)) ** 2;
    }

    /**
     * The lowest jump when the rope turns evenly, n turns a beat: rate and height depend on each other, so the height
     * is the least for which n·60/(t + t_c) is fast enough. Found by halving; metres.
     */
    public static function leastEvenHeight(
        int $passes,
        JumpGeometry $geometry,
        float $contactS = self::USUAL_CONTACT_S,
    ): float {
        self::refuse($passes, $contactS);
        // Slack of the even rate over the least one grows with the height: at 1.5 m it is enough for four passes.
        [$low, $high] = [$geometry->clearanceM, 1.5];
        for ($i = 0; $i < 60; ++$i) {
            $middle = ($low + $high) / 2;
            $jump = self::of($passes, Flight::ofHeight($middle), $geometry, $contactS);
            $least = $jump->leastTurnsPerMinute();
            if (null !== $least && $jump->evenTurnsPerMinute() >= $least) {
                $high = $middle;
            } else {
                $low = $middle;
            }
        }

        return $high;
    }

    /** Null: the feet are never high enough. */
    public function leastTurnsPerMinute(): ?float
    {
        return $this->clearS <= 0.0
            ? null
            : (($this->geometry->angleOf($this->passes) / $this->clearS) * 60) / (2 * \M_PI);
    }

    /** Jumps a minute. */
    public function cadence(): float
    {
        return 60 / ($this->flight->seconds + $this->contactS);
    }

    /** Turns a minute when the rope turns at one rate all the time. */
    public function evenTurnsPerMinute(): float
    {
        return $this->passes * $this->cadence();
    }

    /**
     * When the middle of the first pass may come after take-off, at a rate: from, to, and how much time lies between,
     * which is what a late spin may cost. Negative: it can't be done.
     *
     * @return array{float, float, float} seconds
     *
     * @throws OutOfRange when the rate is not above 0
     */
    public function firstPass(float $turnsPerMinute): array
    {
        $omega = self::radiansPerSecond($turnsPerMinute);
        $before = ($this->flight->seconds - $this->clearS) / 2;
        $earliest = $before + $this->geometry->halfAngle / $omega;
        $latest = $before + $this->clearS - (2 * \M_PI * ($this->passes - 1) + $this->geometry->halfAngle) / $omega;

        return [$earliest, $latest, $latest - $earliest];
    }

    /** Lifting the body, watts; an upper bound: what the tendons give back is left out. */
    public function jumpPowerW(float $massKg): float
    {
        return ($massKg * Flight::GRAVITY * $this->flight->heightM * $this->cadence()) / 60;
    }

    private static function radiansPerSecond(float $turnsPerMinute): float
    {
        if (!($turnsPerMinute > 0) || is_infinite($turnsPerMinute)) {
            throw OutOfRange::of('turns a minute', \sprintf('%.6g', $turnsPerMinute), 'above 0');
        }

        return ($turnsPerMinute * 2 * \M_PI) / 60;
    }

    private static function refuse(int $passes, float $contactS): void
    {
        if ($passes < 1 || $passes > self::MOST_PASSES) {
            throw OutOfRange::of('passes', (string) $passes, '1 to '.self::MOST_PASSES);
        }
        if (!($contactS >= 0.05 && $contactS <= 1.0)) {
            throw OutOfRange::of('contact', \sprintf('%.6g s', $contactS), 'from 0.05 to 1 s');
        }
    }
}
