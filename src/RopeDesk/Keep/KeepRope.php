<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Keep;

use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Entity\People\Athlete;
use Zumbo\App\Entity\Ropes\Inspection;
use Zumbo\App\Entity\Ropes\OwnCable;
use Zumbo\App\Entity\Ropes\OwnCables;
use Zumbo\App\Entity\Ropes\Rope;
use Zumbo\App\Entity\Ropes\Ropes;
use Zumbo\App\Entity\Ropes\RopeSpec;
use Zumbo\App\Platform\Clock\LocalDay;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Input\WriteCondition;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\App\Platform\Write\IdempotentWrite;
use Zumbo\App\Platform\Write\Subject;
use Zumbo\App\RopeDesk\Size\SizeRope;
use Zumbo\App\Shared\InspectionInput;
use Zumbo\App\Shared\People\NamedAthlete;
use Zumbo\Core\Cable\CableFamily;
use Zumbo\Core\Rope\RopeSizing;
use Zumbo\Core\Rope\School;

/**
 * Keeps a rope for an athlete, takes it back, and undoes that; each write once.
 */
final readonly class KeepRope
{
    public function __construct(
        private Ropes $ropes,
        private NamedAthlete $athletes,
        private Gyms $gyms,
        private OwnCables $cables,
        private SizeRope $size,
        private IdempotentWrite $writes,
        private GymScope $scope,
        private ClockInterface $clock,
    ) {
    }

    /** @return bool true when it is new, false when the same request came before */
    public function keep(UuidV7 $id, RopeInput $input): bool
    {
        return $this->writes->run($id, Subject::of('keep', 'rope', $id), $input, function () use ($id, $input): void {
            $athlete = $this->athletes->of($input->athleteId);
            if ($input->asGoal) {
                $athlete->sizeBy($athlete->trimSchool(), School::from($input->school), $athlete->handleLengthM());
            }
            $this->ropes->add(
                new Rope(
                    $this->scope->gymId(),
                    $id,
                    $athlete->id(),
                    $this->spec($athlete, $input),
                    $this->clock->now(),
                ),
            );
        });
    }

    public function remove(UuidV7 $id, WriteCondition $condition): void
    {
        $this->apply($id, $condition, 'remove', fn (Rope $rope) => $rope->remove($this->clock->now()));
    }

    public function restore(UuidV7 $id, WriteCondition $condition): void
    {
        $this->apply($id, $condition, 'restore', static fn (Rope $rope) => $rope->restore());
    }

    public function inspect(UuidV7 $id, InspectionInput $input, WriteCondition $condition): void
    {
        $this->apply(
            $id,
            $condition,
            'inspect',
            fn (Rope $rope) => $rope->inspect(Inspection::of($this->today(), $input->points())),
            $input,
        );
    }

    private function today(): \DateTimeImmutable
    {
        return LocalDay::of($this->clock->now(), $this->gyms->current()->timeZone());
    }

    private function spec(Athlete $athlete, RopeInput $input): RopeSpec
    {
        $sizing = $input->sizing();
        $rope = $this->size->bySchool($athlete, $sizing, School::from($input->school));
        $computed = $rope->cable->metres();
        $kept = $sizing->cable()?->metres() ?? $computed;
        $own = $this->ownCable($input);
        $byHand = abs($kept - $computed) > RopeSizing::SAME_LENGTH_M;
        if ($byHand && '' === trim($input->overrideReason)) {
            $shown = $this->gyms->current()->unit()->print($rope->cable);
            throw BadField::of(
                'overrideReason',
                null,
                'a few words',
                \sprintf('Say in a few words why the cable is not the computed %s.', $shown),
            );
        }

        return new RopeSpec(
            $kept,
            $rope->overall->minus($rope->cable)->times(0.5)->metres(),
            $own?->family() ?? CableFamily::from($input->family),
            $rope->school,
            $rope->stance,
            $computed,
            $byHand ? trim($input->overrideReason) : '',
            $own?->id(),
        );
    }

    private function ownCable(RopeInput $input): ?OwnCable
    {
        if (null === $input->cableId) {
            return null;
        }
        $cable = $this->cables->find(Uuid::fromString($input->cableId));

        return null !== $cable && !$cable->isRemoved()
            ? $cable
            : throw BadField::of('cableId', $input->cableId, 'the id of a cable this gym has weighed');
    }

    /**
     * @param callable(Rope): void $change
     */
    private function apply(
        UuidV7 $id,
        WriteCondition $condition,
        string $verb,
        callable $change,
        ?InspectionInput $input = null,
    ): void {
        $this->writes->change(
            $condition,
            Subject::of($verb, 'rope', $id),
            $input,
            fn (): Rope => $this->ropes->get($id),
            $change,
            RopeView::of(...),
        );
    }
}
