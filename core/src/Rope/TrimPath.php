<?php

declare(strict_types=1);

namespace Zumbo\Core\Rope;

use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Measure\Quantity;
use Zumbo\Core\Measure\Verdict;

/**
 * From today's cable to the goal in small steps, each bound to a gate (common practice, no published source: start long
 * and trim, one to three centimetres a side, never two steps in one session).
 *
 * Ordered by computed cable length alone: a school's name says nothing of its length until stance and reading are
 * fixed.
 */
final readonly class TrimPath
{
    /** So many sets must hold without a miss before the next step (our assumption). */
    public const SETS_BEFORE_STEP = 3;

    /** Off each side at once, unless the coach wishes another. */
    public const USUAL_STEP_M = 0.02;

    /** What a form offers. */
    public const OFFERED_STEPS_M = [0.01, 0.015, 0.02, 0.03];

    /** A cable is never cut finer than that, at a side or in all: sizing is not (our assumption). */
    public const FINEST_M = 0.01;

    private const ROUNDING_M = 1e-9;

    /**
     * @param list<TrimStep> $steps
     */
    private function __construct(public array $steps, public Verdict $advice)
    {
    }

    /**
     * @param Length $today cable between the handles
     * @param Length $goal  the same when it is done
     *
     * @throws OutOfRange when the step is not from 1 to 3 cm per side
     */
    public static function of(Length $today, Length $goal, Length $stepPerSide): self
    {
        $step = Quantity::StepPerSide->check($stepPerSide)->metres();
        $tooMuch = $today->minus($goal)->metres();
        $values = ['cable_m' => $today->metres(), 'goal_m' => $goal->metres()];
        if ($tooMuch < self::FINEST_M - self::ROUNDING_M) {
            return new self(
                [],
                Verdict::of($tooMuch > -self::FINEST_M ? 'trim.there' : 'trim.too_short', $values),
            );
        }
        $steps = [];
        $cable = $today;
        foreach (self::perSide($tooMuch / 2, $step) as $off) {
            $steps[] = TrimStep::from($cable, Length::ofMetres($off), self::SETS_BEFORE_STEP);
            $cable = $cable->minus(Length::ofMetres(2 * $off));
        }

        return new self(
            $steps,
            Verdict::of('trim.path', ['steps' => \count($steps), 'spare_m' => RopeSizing::USUAL_SPARE_M] + $values),
        );
    }

    /**
     * A last sliver is not worth a trim of its own: it goes with the step before; and where that would be more than may
     * be taken at once, or the last step would be much smaller than the others, the last two share alike.
     *
     * @return list<float> metres off each side, step by step
     */
    private static function perSide(float $total, float $step): array
    {
        $whole = (int) floor($total / $step + self::ROUNDING_M);
        $left = $total - $whole * $step;
        if (0 === $whole) {
            return [$total];
        }
        $before = array_fill(0, $whole - 1, $step);

        return match (true) {
            $left < self::ROUNDING_M => [...$before, $step],
            $left < self::FINEST_M - self::ROUNDING_M && $step + $left <= Quantity::StepPerSide->mostM() => [
                ...$before,
                $step + $left,
            ],
            $left < self::FINEST_M - self::ROUNDING_M, $step - $left > self::FINEST_M + self::ROUNDING_M => [
                ...$before,
                ($step + $left) / 2,
                ($step + $left) / 2,
            ],
            default => [...$before, $step, $left],
        };
    }
}
