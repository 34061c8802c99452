<?php

declare(strict_types=1);

namespace Zumbo\Core\Fault;

use Zumbo\Core\Measure\Term;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Method\Ways;
use Zumbo\Core\Stage\Stage;

/**
 * What to do about what was noted, of somebody who may jump: the load first, then the rope, then how they jump. Where two
 * causes are nearly as likely, or none is likely enough, the one observation that would tell most is asked for.
 */
final readonly class Diagnosis
{
    /** A leader under this chance, or within this factor of the second, is no answer. */
    private const LEAST_CHANCE = 0.5;
    private const FACTOR = 1.5;

    /** Causes this much less likely than the first are no matter of the question. */
    private const AMONG = 6.0;

    /** How much likelier a fault is at a stage where it is usual (our assumption). */
    private const USUAL = 2.0;

    /** Two causes that have this much of the chance between them are all there is. */
    private const TWO_OF_THEM = 0.7;

    /** A rope whose weight is as likely to be the cause as this is weighed in the hand first. */
    private const WEIGHT_IN_DOUBT = 0.05;

    /**
     * @param non-empty-list<RankedFault> $ranked the likeliest first
     */
    private function __construct(
        public Action $action,
        public array $ranked,
        /** No cause is likely enough for a cue; null where nothing is asked. */
        public ?Question $ask,
        /** What to look at on the rope before anything else; after it, where the load comes first. */
        public ?RopeCheck $check,
        public Verdict $advice,
    ) {
    }

    public static function of(
        Observed $observed,
        Stage $stage,
        RopeFacts $rope,
        Ways $ways,
        ?Exertion $exertion = null,
        ?CueHistory $history = null,
    ): self {
        $exertion ??= Exertion::unknown();
        $history ??= CueHistory::none();
        $counted = $observed->only(static fn (Sign $sign): bool => FaultsBySchool::isSign($sign, $ways));
        $faults = FaultsBySchool::faults($ways);
        $belief = Belief::of(
            $faults,
            $counted,
            static fn (Fault $fault): float => $rope->weightOf($fault) * $history->weightOf($fault)
                * ($fault->isUsualAt($stage) ? self::USUAL : 1.0)
                * ($fault->isOfTheLoad() ? $exertion->weight() : 1.0),
        );
        $ranked = self::ranked($faults, $belief, $counted);
        $action = self::action($ranked, $observed, $rope, $exertion);
        $ask = Action::GoOn === $action && self::isUnsure($ranked) ? self::question($belief, $counted, $ways) : null;

        return new self(
            $action,
            self::inOrderOf($action, $ranked),
            $ask,
            // What is known to be wrong is mended, not looked for.
            $rope->areWrong() ? null : $rope->firstCheck($ranked[0]->fault, self::weightInDoubt($belief)),
            null === $ask
                ? self::advice($action, self::inOrderOf($action, $ranked)[0]->fault, $observed, $rope)
                : self::unsure($ranked),
        );
    }

    public function leader(): Fault
    {
        return $this->ranked[0]->fault;
    }

    /**
     * @param non-empty-list<RankedFault> $ranked
     */
    private static function action(array $ranked, Observed $observed, RopeFacts $rope, Exertion $exertion): Action
    {
        $leader = $ranked[0]->fault;
        $sure = !self::isUnsure($ranked);

        return match (true) {
            \in_array(Sign::Temper, $observed->seen, true) => Action::StopToday,
            self::isOfTheLoad($observed, $exertion), $leader->isOfTheLoad() && $sure => Action::ChangeLoad,
            // A rope that may be wrong is looked at before anybody is asked about the athlete.
            $rope->areWrong(), $leader->isOfTheRope() => Action::ChangeRope,
            default => Action::GoOn,
        };
    }

    /** It shows when tired, and nobody saw it when fresh. */
    private static function isOfTheLoad(Observed $observed, Exertion $exertion): bool
    {
        return !$observed->isThereWhenFresh()
            && (true === $exertion->tired || ($exertion->isHigh() && $observed->isLate()));
    }

    /**
     * The cause that is acted on stands first, whatever else is likely.
     *
     * @param non-empty-list<RankedFault> $ranked
     *
     * @return non-empty-list<RankedFault>
     */
    private static function inOrderOf(Action $action, array $ranked): array
    {
        foreach ($ranked as $i => $one) {
            $acted = match ($action) {
                Action::ChangeLoad => $one->fault->isOfTheLoad(),
                Action::ChangeRope => $one->fault->isOfTheRope(),
                default => true,
            };
            if ($acted) {
                unset($ranked[$i]);

                return [$one, ...array_values($ranked)];
            }
        }

        return $ranked;
    }

    /**
     * @param non-empty-list<RankedFault> $ranked
     */
    private static function isUnsure(array $ranked): bool
    {
        $second = $ranked[1]->chance ?? 0.0;

        return $ranked[0]->chance < self::LEAST_CHANCE || $ranked[0]->chance < self::FACTOR * $second;
    }

    private static function question(Belief $belief, Observed $observed, Ways $ways): ?Question
    {
        $among = $belief->amongLeaders(self::AMONG);
        $best = null;
        foreach (Sign::cases() as $sign) {
            if ($observed->wasAskedFor($sign) || !FaultsBySchool::isSign($sign, $ways)) {
                continue;
            }
            $information = $among->information($sign);
            if ($information > ($best->information ?? 0.0)) {
                $best = new Question($sign, $information);
            }
        }

        return $best;
    }

    private static function weightInDoubt(Belief $belief): bool
    {
        return ($belief->chances['rope-light'] ?? 0.0) + ($belief->chances['rope-heavy'] ?? 0.0) >= self::WEIGHT_IN_DOUBT;
    }

    /**
     * @param non-empty-list<Fault> $faults
     *
     * @return non-empty-list<RankedFault>
     */
    private static function ranked(array $faults, Belief $belief, Observed $observed): array
    {
        $ranked = array_map(
            static fn (Fault $fault): RankedFault => new RankedFault(
                $fault,
                $belief->chances[$fault->code] ?? 0.0,
                $fault->explained($observed->seen),
            ),
            $faults,
        );
        usort($ranked, static fn (RankedFault $a, RankedFault $b): int => $b->chance <=> $a->chance);

        return $ranked;
    }

    /**
     * @param non-empty-list<RankedFault> $ranked
     */
    private static function unsure(array $ranked): Verdict
    {
        $second = $ranked[1] ?? $ranked[0];

        return Verdict::of(
            $ranked[0]->chance + $second->chance < self::TWO_OF_THEM ? 'clinic.unsure_of_many' : 'clinic.unsure',
            [
                'first' => Term::named('fault', $ranked[0]->fault->code),
                'second' => Term::named('fault', $second->fault->code),
            ],
        );
    }

    /** What is to be looked at on the rope: before anything else, or after the load; null: it was, or nobody jumps. */
    public function checkVerdict(): ?Verdict
    {
        return match ($this->action) {
            Action::GoOn, Action::ChangeRope => $this->check?->first(),
            Action::ChangeLoad => $this->check?->afterwards(),
            default => null,
        };
    }

    private static function advice(Action $action, Fault $leader, Observed $observed, RopeFacts $rope): Verdict
    {
        $values = ['fault' => Term::named('fault', $leader->code)];

        return match ($action) {
            Action::StopToday => Verdict::of('clinic.temper'),
            Action::ChangeLoad => Verdict::of($observed->isLate() ? 'clinic.load_late' : 'clinic.load'),
            Action::ChangeRope => Verdict::of($rope->areWrong() ? 'clinic.rope' : 'clinic.rope_likely', $values),
            default => Verdict::of('clinic.technique', $values),
        };
    }
}
