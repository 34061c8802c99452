<?php

declare(strict_types=1);

namespace Zumbo\App\Ropes;

use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Input\WriteCondition;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\App\Platform\Write\IdempotentWrite;
use Zumbo\App\Platform\Write\Subject;
use Zumbo\App\Record\Athlete;
use Zumbo\App\Record\Athletes;
use Zumbo\App\Record\Gyms;
use Zumbo\App\Record\Rope;
use Zumbo\App\Record\RopeMeasure;
use Zumbo\App\Record\Ropes;
use Zumbo\App\Record\UnknownRow;
use Zumbo\Core\Cable\CableFamily;
use Zumbo\Core\Rope\School;

/**
 * Keeps a rope for an athlete, takes it back, and undoes that; each write once.
 */
final readonly class KeepRope
{
    /** Sizing is never finer than 1 cm, so a smaller difference is no override. */
    private const SAME_LENGTH_M = 0.0051;

    public function __construct(
        private Ropes $ropes,
        private Athletes $athletes,
        private Gyms $gyms,
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
            $athlete = $this->athlete($input);
            $this->ropes->add(new Rope($this->scope->gymId(), $id, $athlete->id(), $this->measure($athlete, $input), $this->clock->now()));
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

    private function athlete(RopeInput $input): Athlete
    {
        try {
            return $this->athletes->get(Uuid::fromString($input->athleteId));
        } catch (UnknownRow) {
            throw BadField::of('athleteId', $input->athleteId, 'the id of an athlete of this gym');
        }
    }

    private function measure(Athlete $athlete, RopeInput $input): RopeMeasure
    {
        $sizing = $input->sizing();
        $rope = $this->size->bySchool($athlete, $sizing, School::from($input->school));
        $computed = $rope->cable->metres();
        $kept = $sizing->cable()?->metres() ?? $computed;
        $byHand = abs($kept - $computed) > self::SAME_LENGTH_M;
        if ($byHand && '' === trim($input->overrideReason)) {
            $shown = $this->gyms->current()->unit()->print($rope->cable);
            throw BadField::of('overrideReason', null, 'a few words', \sprintf('Say in a few words why the cable is not the computed %s.', $shown));
        }

        return new RopeMeasure(
            $kept,
            $sizing->handle()->length->metres(),
            CableFamily::from($input->family),
            $rope->school,
            $rope->stance,
            $computed,
            $byHand ? trim($input->overrideReason) : '',
        );
    }

    /**
     * @param callable(Rope): void $change
     */
    private function apply(UuidV7 $id, WriteCondition $condition, string $verb, callable $change): void
    {
        $this->writes->change($condition, Subject::of($verb, 'rope', $id), null, fn (): Rope => $this->ropes->get($id), $change, RopeView::of(...));
    }
}
