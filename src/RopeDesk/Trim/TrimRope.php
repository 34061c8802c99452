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
use Zumbo\App\RopeDesk\Size\SizeRope;
use Zumbo\App\Shared\SentenceView;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\Quantity;

/**
 * Takes one step of a trim path, or lets the rope out again, and cuts the tails; each write once. The length before stays in
 * the history.
 */
final readonly class TrimRope
{
    /** Typed in whole centimetres, computed in fractions: half a centimetre is no second step. */
    private const ROUNDING_M = 0.0051;

    public function __construct(
        private Ropes $ropes,
        private Athletes $athletes,
        private ReadLengths $lengths,
        private SizeRope $size,
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
            $cableM = $input->cableM();
            $this->check($rope, $cableM, $input->cable);
            $unit = $this->gyms->current()->unit();
            $reason = \sprintf(
                '%s %s',
                $cableM < $rope->spec()->cableLengthM ? 'trimmed from' : 'let out from',
                $unit->print(Length::ofMetres($rope->spec()->cableLengthM)),
            );
            $next = new Rope(
                $this->scope->gymId(),
                $id,
                $rope->athleteId(),
                $rope->spec()->withCable($cableM, $reason),
                $this->clock->now(),
            );
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
        $goal = $this->size->goal($athlete, null)->cable;
        $history = $this->lengths->of($athlete);
        if (true !== $history?->mayCutTails($goal)) {
            $why =
                null === $history
                    ? null
                    : SentenceView::of($history->aboutTails($goal), $this->gyms->current()->unit())->sentence;
            throw BadField::of('tails', null, 'a settled length', $why);
        }
    }

    private function check(Rope $rope, float $cableM, string $typed): void
    {
        $off = $rope->spec()->cableLengthM - $cableM;
        $step = 2 * Quantity::StepPerSide->range()->most->metres();
        if (abs($off) < self::ROUNDING_M) {
            throw BadField::of('cable', $typed, 'another length than it has now');
        }
        if ($off > $step + self::ROUNDING_M) {
            throw BadField::of(
                'cable',
                $typed,
                \sprintf('at most %d cm shorter: 3 cm per side at once', (int) round(100 * $step)),
            );
        }
        if ($off < 0 && null !== $rope->tailsCutOn()) {
            throw BadField::of('cable', $typed, 'a shorter length: the tails are cut, it can\'t be let out');
        }
        if (
            $off > 0
            && LocalDay::areSame($rope->createdAt(), $this->clock->now(), $this->gyms->current()->timeZone())
        ) {
            throw BadField::of(
                'cable',
                $typed,
                'one step a session',
                'This length is from today: never two steps in one session.',
            );
        }
    }
}
