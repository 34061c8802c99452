<?php

declare(strict_types=1);

namespace Zumbo\Core\Gear;

use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Rope\RopeSizing;

/**
 * Whether the spare tails may be cut off: not before the length is settled, for a cut rope can't be let out again
 * (common practice, no published source; the numbers our assumption).
 */
final readonly class TailCut
{
    /** Practices on the same length without a call to let it out. */
    public const LEAST_PRACTICES = 3;

    /** As near to the goal as sizing goes. */
    private const AT_GOAL_M = 0.015;

    private function __construct(public bool $allowed, public Verdict $reason)
    {
    }

    /** Whatever the length: why not. */
    public static function locked(Verdict $reason): self
    {
        return new self(false, $reason);
    }

    /**
     * @param int|null         $practices on this length; null: not counted, and then only the length is judged
     * @param TrimOutcome|null $outcome   of the last trim; null: never trimmed
     */
    public static function of(Length $cable, Length $goal, ?int $practices, ?TrimOutcome $outcome): self
    {
        $left = $cable->minus($goal)->metres();
        $values = [
            'left_m' => abs($left),
            'goal_m' => $goal->metres(),
            'practices' => $practices ?? 0,
            'least' => self::LEAST_PRACTICES,
            'spare_m' => RopeSizing::USUAL_SPARE_M,
        ];

        return match (true) {
            $left > self::AT_GOAL_M => new self(false, Verdict::of('tails.not_there', $values)),
            TrimAdvice::LetOut === $outcome?->advice => new self(false, Verdict::of('tails.let_out_first', $values)),
            null !== $practices && $practices < self::LEAST_PRACTICES => new self(false, Verdict::of('tails.too_new', $values)),
            default => new self(true, Verdict::of('tails.settled', $values)),
        };
    }
}
