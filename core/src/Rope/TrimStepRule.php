<?php

declare(strict_types=1);

namespace Zumbo\Core\Rope;

use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\Quantity;
use Zumbo\Core\Measure\Verdict;

/**
 * Whether a rope may be made shorter or longer by one step now (common practice, no published source: a small step a
 * side, never two in one session, and a cut rope can't be let out).
 */
final readonly class TrimStepRule
{
    private function __construct(
        /** What would be right instead; null: the step may be taken. */
        public ?Verdict $accepted,
        /** Why not, where that takes a sentence of its own. */
        public ?Verdict $reason = null,
    ) {
    }

    /**
     * @param bool $sizedToday whether today's cable is from today
     * @param bool $tailsCut   whether nothing is left to let out
     */
    public static function of(Length $today, Length $wanted, bool $sizedToday, bool $tailsCut): self
    {
        $off = $today->minus($wanted)->metres();
        $most = 2 * Quantity::StepPerSide->mostM();

        return match (true) {
            abs($off) < RopeSizing::SAME_LENGTH_M => new self(Verdict::of('trim.same')),
            $off > $most + RopeSizing::SAME_LENGTH_M => new self(Verdict::of('trim.too_much', [
                'most_m' => $most,
                'per_side_m' => Quantity::StepPerSide->mostM(),
            ])),
            $off < 0 && $tailsCut => new self(Verdict::of('trim.tails_are_cut')),
            $off > 0 && $sizedToday => new self(
                Verdict::of('trim.one_step'),
                Verdict::of('trim.once_a_session'),
            ),
            default => new self(null),
        };
    }

    /** What the history says of a step: from which length it was taken. */
    public static function note(Length $before, Length $after): Verdict
    {
        $code = $after->compareTo($before) < 0 ? 'trim.trimmed_from' : 'trim.let_out_from';

        return Verdict::of($code, ['before_m' => $before->metres()]);
    }
}
