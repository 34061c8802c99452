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

    /** A cable is never cut finer than that: sizing is not (our assumption). */
    private const FINEST_M = 0.01;

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
        $step = Quantity::StepPerSide->check($stepPerSide)->metres() * 2;
        $tooMuch = $today->minus($goal)->metres();
        if ($tooMuch < self::FINEST_M) {
            return new self(
                [],
                Verdict::of($tooMuch > -self::FINEST_M ? 'trim.there' : 'trim.too_short', [
                    'cable_m' => $today->metres(),
                    'goal_m' => $goal->metres(),
                ]),
            );
        }
        $steps = [];
        for ($cable = $today->metres(); $cable - $goal->metres() >= self::FINEST_M / 2;) {
            $next = max($goal->metres(), $cable - $step);
            // A last sliver is not worth a cut: it goes with the step before.
            $next = $next - $goal->metres() < self::FINEST_M ? $goal->metres() : $next;
            $steps[] = new TrimStep(
                Length::ofMetres($next),
                Length::ofMetres(($cable - $next) / 2),
                Verdict::of('trim.gate', ['before_m' => $cable, 'sets' => self::SETS_BEFORE_STEP]),
            );
            $cable = $next;
        }

        return new self(
            $steps,
            Verdict::of('trim.path', [
                'steps' => \count($steps),
                'spare_m' => RopeSizing::USUAL_SPARE_M,
                'cable_m' => $today->metres(),
                'goal_m' => $goal->metres(),
            ]),
        );
    }
}
