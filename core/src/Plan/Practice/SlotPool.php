<?php

declare(strict_types=1);

namespace Zumbo\Core\Plan\Practice;

use Zumbo\Core\Allowance\Jumping;
use Zumbo\Core\Drill\Drill;
use Zumbo\Core\Drill\DrillFamily;
use Zumbo\Core\Drill\DrillShelf;
use Zumbo\Core\Drill\DrillTable;
use Zumbo\Core\Drill\DrillWork;
use Zumbo\Core\Method\Ways;
use Zumbo\Core\Sets\Ladder\Ladder;
use Zumbo\Core\Sets\Ladder\LadderAim;
use Zumbo\Core\Sets\Ladder\LadderFamily;
use Zumbo\Core\Sets\Ladder\LadderFit;
use Zumbo\Core\Sets\Ladder\LadderWish;
use Zumbo\Core\Sets\WorkCode;
use Zumbo\Core\Stage\Stage;

/**
 * What belongs into a part of a practice for an athlete, by their stage, method and fault, at its weight: nothing is forbidden yet.
 */
final class SlotPool
{
    private const LADDER = LadderFamily::Rising;
    private const LADDER_STAGES = [Stage::Link, Stage::Hold, Stage::Workout];

    /** Nothing that one begins with unasked, and nothing that needs several people turning. */
    private const NOT_A_FOCUS = [DrillFamily::WarmAndCool, DrillFamily::Games, DrillFamily::TwoRopes];

    /** @var array<string, list<Drill>> by ways: most of a class are taught alike */
    private array $taught = [];

    public function __construct(private readonly DrillShelf $shelf)
    {
    }

    /**
     * @return list<Candidate>
     */
    public function of(Participant $athlete, Slot $slot): array
    {
        if (!$athlete->jumps()) {
            return $this->withoutJumping($athlete);
        }

        return match ($slot) {
            Slot::Main => $this->inTurn($this->shelf->ofStage($athlete->stage, $athlete->ways), $athlete, PlanRule::Turn),
            Slot::Focus => $this->focus($athlete),
            default => $this->finish($athlete),
        };
    }

    /**
     * @param list<Drill> $drills
     *
     * @return list<Candidate>
     */
    private function inTurn(array $drills, Participant $athlete, PlanRule $rule, float $from = 0.0): array
    {
        $count = \count($drills);
        $candidates = [];
        foreach ($drills as $i => $drill) {
            $later = ($i - $athlete->practicesBefore % $count + $count) % $count;
            $hard = SetAim::of($drill, $athlete->pace)->tenthsTooHard();
            $still = $athlete->jumps() && $drill->instead ? PlanWeights::STANDING_STILL : 0.0;
            $cost = $from + $still + PlanWeights::PER_TURN * $later + PlanWeights::TENTH_TOO_HARD * $hard;
            $candidates[] = Candidate::drill($drill, $cost, $rule);
        }

        return $candidates;
    }

    /**
     * @return list<Candidate>
     */
    private function focus(Participant $athlete): array
    {
        $fault = $athlete->fault;
        $against = $others = [];
        foreach ($this->taught($athlete->ways) as $drill) {
            $fixes = null !== $fault && ($drill->code === $fault->drill || \in_array($fault->fault, $drill->notes->fixes, true));
            if ($fixes && !$athlete->stage->isBefore($drill->stage)) {
                $cost = $drill->code === $fault->drill ? 0.0 : PlanWeights::HELPS_WITH_THE_FAULT;
                $against[] = Candidate::drill($drill, $cost, PlanRule::Fault);
            } elseif ($drill->hasPlaceAt($athlete->stage) && !\in_array($drill->family, self::NOT_A_FOCUS, true)
                && !$drill->isMainBy($athlete->ways)) {
                $others[] = $drill;
            }
        }

        return [...$against, ...$this->inTurn($others, $athlete, PlanRule::Stage, null === $fault ? 0.0 : PlanWeights::BESIDE_THE_FAULT)];
    }

    /**
     * Games, and what they made at the stages before: after a bad day the latter only.
     *
     * @return list<Candidate>
     */
    private function finish(Participant $athlete): array
    {
        $easy = [];
        $before = $athlete->ways->method->before($athlete->stage) ?? $athlete->stage;
        for ($back = 0; null !== $before; ++$back) {
            $drills = $this->shelf->ofStage($before, $athlete->ways);
            $easy = [...$easy, ...$this->inTurn($drills, $athlete, PlanRule::Success, PlanWeights::PER_STAGE_BACK * $back)];
            $before = $athlete->ways->method->before($before);
        }
        $games = $athlete->lighter ? [] : array_values(array_filter(
            $this->taught($athlete->ways),
            static fn (Drill $drill): bool => DrillFamily::Games === $drill->family && $drill->hasPlaceAt($athlete->stage),
        ));

        return [...$easy, ...$this->inTurn($games, $athlete, PlanRule::Game, PlanWeights::GAME)];
    }

    /**
     * @return list<Candidate>
     */
    public function withoutJumping(Participant $athlete): array
    {
        $drills = DrillTable::insteadOfJumping($athlete->ways, $athlete->allowance->sore);
        usort($drills, static fn (Drill $one, Drill $other): int => (int) $other->hasPlaceAt($athlete->stage)
            <=> (int) $one->hasPlaceAt($athlete->stage));
        if (Jumping::All === $athlete->allowance->jumping) {
            // No rope tonight: the legs may work all the same.
            $dry = array_filter(
                $this->taught($athlete->ways),
                static fn (Drill $drill): bool => DrillWork::Jump === $drill->work && DrillFamily::WarmAndCool !== $drill->family
                    && !$athlete->stage->isBefore($drill->stage),
            );
            $drills = [...array_values($dry), ...$drills];
        }

        return $this->inTurn($drills, $athlete, PlanRule::NoJump);
    }

    /**
     * A ladder that is made about 85 times in 100: it comes round as the drills of the stage do.
     *
     * @param int $turns how many those are
     */
    public function ladder(Participant $athlete, Slot $slot, int $seconds, int $contacts, int $turns): ?Candidate
    {
        if (!self::offersLadder($athlete, $slot) || null === $athlete->pace || $contacts < 1) {
            return null;
        }
        $wish = LadderWish::of(
            self::LADDER,
            LadderAim::Practise,
            Ladder::kindAt($athlete->stage),
            $athlete->ways->method,
            minutes: $seconds / 60,
            contacts: $contacts,
        );
        $best = LadderFit::of($wish, $athlete->pace)->best;
        if (null === $best) {
            return null;
        }
        $off = 10 * abs($best->chanceOfTop - PlanWeights::AIM);
        $later = ($turns - $athlete->practicesBefore % ($turns + 1) + $turns + 1) % ($turns + 1);

        return Candidate::ladder(
            self::ladderCode(),
            \sprintf('Ladder %d to %d', $best->start, $best->top),
            $best,
            PlanWeights::PER_TURN * $later + PlanWeights::TENTH_TOO_HARD * $off,
        );
    }

    /** Under which it stands in the record. */
    public static function ladderCode(): string
    {
        return WorkCode::ofLadder(self::LADDER);
    }

    /**
     * @return list<Drill> everything that is taught so
     */
    public function taught(Ways $ways): array
    {
        $asked = implode(' ', [$ways->method->value, $ways->warmUp->value, $ways->sound->value]);

        return $this->taught[$asked] ??= $this->shelf->all($ways);
    }

    private static function offersLadder(Participant $athlete, Slot $slot): bool
    {
        return Slot::Main === $slot && $athlete->jumps() && null !== $athlete->pace
            && \in_array($athlete->stage, self::LADDER_STAGES, true);
    }
}
