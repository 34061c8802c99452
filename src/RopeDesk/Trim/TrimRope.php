<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Trim;

use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Entity\People\Athlete;
use Zumbo\App\Entity\People\Athletes;
use Zumbo\App\Entity\Ropes\Rope;
use Zumbo\App\Entity\Ropes\Ropes;
use Zumbo\App\Platform\Clock\LocalDay;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Gym\UnknownRow;
use Zumbo\App\Platform\Input\WriteCondition;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\App\Platform\Write\IdempotentWrite;
use Zumbo\App\Platform\Write\Subject;
use Zumbo\App\RopeDesk\Keep\RopeView;
use Zumbo\App\Shared\SentenceView;
use Zumbo\App\Shared\Today\JudgeToday;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Rope\TrimStepRule;

/**
 * Takes one step of a trim path, or lets the rope out again, and cuts the tails; each write once. The length before
 * stays in the history.
 */
final readonly class TrimRope
{
    public function __construct(
        private Ropes $ropes,
        private Athletes $athletes,
        private JudgeToday $judge,
        private Gyms $gyms,
        private IdempotentWrite $writes,
        private GymScope $scope,
        private ClockInterface $clock,
    ) {
    }

    /** @return bool true when it is new, false when the same request came before */
    public function trim(UuidV7 $id, TrimInput $input): bool
    {
        return $this->writes->run($id, Subject::of('trim', 'rope', $id), $input, function () use ($id, $input): void {
            $rope = $this->current($input->ropeId);
            $cable = $input->cable();
            $this->check($rope, $cable, $input->cable);
            $note = TrimStepRule::note(Length::ofMetres($rope->spec()->cableLengthM), $cable);
            $spec = $rope->spec()->withCable(
                $cable->metres(),
                SentenceView::of($note, $this->gyms->current()->unit())->sentence,
            );
            $next = new Rope($this->scope->gymId(), $id, $rope->athleteId(), $spec, $this->clock->now());
            $next->inspect($rope->inspection());
            $this->ropes->add($next);
        });
    }

    public function cutTails(UuidV7 $id, WriteCondition $condition): void
    {
        $this->writes->change(
            $condition,
            Subject::of('cut tails', 'rope', $id),
            null,
            fn (): Rope => $this->ropes->get($id),
            function (Rope $rope): void {
                $this->current($rope->id()->toRfc4122());
                $this->refuseUnsettled($this->athletes->get($rope->athleteId()));
                $rope->cutTails(LocalDay::of($this->clock->now(), $this->gyms->current()->timeZone()));
            },
            RopeView::of(...),
        );
    }

    /** They were not cut after all. */
    public function tailsAreWhole(UuidV7 $id, WriteCondition $condition): void
    {
        $this->writes->change(
            $condition,
            Subject::of('tails whole', 'rope', $id),
            null,
            fn (): Rope => $this->ropes->get($id),
            static fn (Rope $rope) => $rope->tailsAreWhole(),
            RopeView::of(...),
        );
    }

    private function current(string $ropeId): Rope
    {
        try {
            $rope = $this->ropes->get(Uuid::fromString($ropeId));
        } catch (UnknownRow) {
            throw BadField::of('ropeId', $ropeId, 'the id of a rope of this gym');
        }
        $current = $this->ropes->currentOf($rope->athleteId());
        if (null === $current || !$current->id()->equals($rope->id())) {
            throw BadField::of('ropeId', $ropeId, 'the rope they have now; this one was changed meanwhile');
        }

        return $rope;
    }

    /** A cut rope can't be let out again. */
    private function refuseUnsettled(Athlete $athlete): void
    {
        $needs = $this->judge->athlete($athlete)->today->rope;
        if (!$needs->mayCut) {
            $why = SentenceView::of($needs->tails, $this->gyms->current()->unit())->sentence;
            throw BadField::of('tails', null, 'a settled length', $why);
        }
    }

    private function check(Rope $rope, Length $wanted, string $typed): void
    {
        $gym = $this->gyms->current();
        $rule = TrimStepRule::of(
            Length::ofMetres($rope->spec()->cableLengthM),
            $wanted,
            LocalDay::areSame($rope->createdAt(), $this->clock->now(), $gym->timeZone()),
            null !== $rope->tailsCutOn(),
        );
        if (null !== $rule->accepted) {
            throw BadField::of(
                'cable',
                $typed,
                SentenceView::of($rule->accepted, $gym->unit())->sentence,
                null === $rule->reason ? null : SentenceView::of($rule->reason, $gym->unit())->sentence,
            );
        }
    }
}
