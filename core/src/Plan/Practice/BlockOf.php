<?php

declare(strict_types=1);

namespace Zumbo\Core\Plan\Practice;

use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Drill\Drill;
use Zumbo\Core\Measure\Term;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Method\WarmUp;
use Zumbo\Core\Rhythm\Pattern;
use Zumbo\Core\Sets\Ladder\FittedLadder;
use Zumbo\Core\Sets\Ladder\Ladder;

/**
 * Makes the block of what was chosen: how much of it, and the sentence that says why.
 */
final class BlockOf
{
    private const MOST_LEFT_OUT = 8;

    /** Of a warm-up and a cool-down. */
    private const CALM = 60;

    /** Beat of a ladder's strip. */
    private const LADDER_CADENCE = 104;

    /**
     * @param list<WarmUpItem> $items
     */
    public function items(Participant $athlete, Slot $slot, int $seconds, array $items): Block
    {
        $rule = Slot::WarmUp === $slot ? PlanRule::WarmUp : PlanRule::CoolDown;
        $why = match (true) {
            Slot::CoolDown === $slot => Verdict::of('plan.why_cool_down'),
            WarmUp::WithTheRope === $athlete->ways->warmUp && $athlete->jumps() => Verdict::of('plan.why_warm_up_rope'),
            default => Verdict::of('plan.why_warm_up'),
        };

        return new Block(
            $slot,
            $seconds,
            $slot->value,
            Slot::WarmUp === $slot ? 'Warm-up' : 'Cool-down',
            null,
            self::CALM,
            CountKind::Hold,
            1,
            $seconds,
            0,
            '',
            WarmUpChoice::contacts($items),
            $rule,
            $why,
            $items,
        );
    }

    public function chosen(
        Participant $athlete,
        Slot $slot,
        int $seconds,
        int $contacts,
        Candidate $one,
        Considered $all,
        int $sharing,
    ): Block {
        $leftOut = self::leftOut($one, $all);
        if (null !== $one->ladder) {
            return $this->ladder($athlete, $slot, $seconds, $one, $one->ladder, $leftOut);
        }

        return null === $one->drill
            ? self::rest($slot, $seconds, $one, $leftOut)
            : self::drill($athlete, $slot, $seconds, $contacts, $one, $one->drill, $leftOut, $sharing);
    }

    /**
     * @param list<LeftOut> $leftOut
     */
    private static function drill(
        Participant $athlete,
        Slot $slot,
        int $seconds,
        int $contacts,
        Candidate $one,
        Drill $drill,
        array $leftOut,
        int $sharing,
    ): Block {
        $aim = SetAim::of($drill, $athlete->pace);
        $dose = BlockDose::of($drill, $aim->reps, $seconds, $contacts) ?? throw new \LogicException('it was seen to fit');

        return new Block(
            $slot,
            $seconds,
            $drill->code,
            $drill->title,
            $drill->pattern,
            $drill->cadence,
            $drill->countKind,
            $dose->sets,
            $dose->aim,
            $dose->restS,
            $drill->cue,
            $dose->contacts,
            $one->rule,
            self::why($athlete, $one, $drill, $aim, $dose, $sharing),
            [],
            $leftOut,
            $drill->notes->easier,
            $drill->notes->harder,
        );
    }

    /**
     * @param list<LeftOut> $leftOut
     */
    private function ladder(Participant $athlete, Slot $slot, int $seconds, Candidate $one, FittedLadder $ladder, array $leftOut): Block
    {
        return new Block(
            $slot,
            $seconds,
            $one->code,
            $one->title,
            Pattern::parse(\sprintf('%d%s', $ladder->top, Ladder::kindAt($athlete->stage)->passes() > 1 ? 'd' : 's')),
            self::LADDER_CADENCE,
            CountKind::Streak,
            $ladder->times,
            $ladder->top,
            0,
            'land ready',
            (int) ceil($ladder->outlook->expectedContacts()),
            $one->rule,
            Verdict::of('plan.why_ladder', [
                'start' => $ladder->start,
                'top' => $ladder->top,
                'in_100' => (int) round(100 * $ladder->chanceOfTop),
            ]),
            [],
            $leftOut,
        );
    }

    /**
     * @param list<LeftOut> $leftOut
     */
    private static function rest(Slot $slot, int $seconds, Candidate $one, array $leftOut): Block
    {
        $why = Verdict::of('plan.why_rest');

        return new Block(
            $slot,
            $seconds,
            $one->code,
            $one->title,
            null,
            self::CALM,
            CountKind::Hold,
            1,
            $seconds,
            0,
            '',
            0,
            $one->rule,
            $why,
            [],
            $leftOut,
        );
    }

    private static function why(Participant $athlete, Candidate $one, Drill $drill, SetAim $aim, BlockDose $dose, int $sharing): Verdict
    {
        $stage = Term::of($athlete->stage);

        return match ($one->rule) {
            PlanRule::Pin => Verdict::of('plan.why_pin'),
            PlanRule::NoJump => $athlete->allowance->offersJumps()
                ? Verdict::of('plan.why_no_rope')
                : Verdict::of('plan.why_no_jump', ['why' => $drill->why]),
            PlanRule::Load => Verdict::of('plan.why_load', ['why' => $drill->why]),
            PlanRule::SharedFault => Verdict::of('plan.why_shared_fault', [
                'fault' => Term::named('fault', $athlete->fault->fault ?? ''),
                'people' => $sharing,
            ]),
            PlanRule::Fault => Verdict::of('plan.why_fault', ['fault' => Term::named('fault', $athlete->fault->fault ?? '')]),
            PlanRule::Variety => Verdict::of('plan.why_variety', ['stage' => $stage]),
            PlanRule::Success => Verdict::of('plan.why_success'),
            PlanRule::Game => Verdict::of('plan.why_game', ['why' => $drill->why]),
            PlanRule::Stage => Verdict::of('plan.why_stage', ['stage' => $stage, 'why' => $drill->why]),
            default => null === $aim->chance || $dose->aim > $aim->reps
                ? Verdict::of('plan.why_turn', ['stage' => $stage, 'why' => $drill->why])
                : Verdict::of('plan.why_turn_aimed', [
                    'stage' => $stage,
                    'reps' => $aim->reps,
                    'in_100' => (int) round(100 * $aim->chance),
                ]),
        };
    }

    /**
     * What was considered as well: what is forbidden first, then the nearest.
     *
     * @return list<LeftOut>
     */
    private static function leftOut(Candidate $one, Considered $all): array
    {
        $others = array_values(array_filter($all->candidates, static fn (Candidate $other): bool => $other->code !== $one->code));
        usort($others, static fn (Candidate $a, Candidate $b): int => $a->cost <=> $b->cost);

        return \array_slice([
            ...\array_slice($all->leftOut, 0, intdiv(self::MOST_LEFT_OUT, 2)),
            ...array_map(static fn (Candidate $other): LeftOut => new LeftOut($other->code, $other->title, LeftOutReason::Dearer), $others),
        ], 0, self::MOST_LEFT_OUT);
    }
}
