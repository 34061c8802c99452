<?php

declare(strict_types=1);

namespace Zumbo\App\Athletes;

use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Entity\People\Athlete;
use Zumbo\App\Entity\People\AthleteProfile;
use Zumbo\App\Entity\People\Athletes;
use Zumbo\App\Entity\People\Statures;
use Zumbo\App\Platform\Clock\LocalDay;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Input\WriteCondition;
use Zumbo\App\Platform\Write\IdempotentWrite;
use Zumbo\App\Platform\Write\Subject;
use Zumbo\Core\Stage\Stage;

/**
 * Adds, changes, removes and brings back athletes; each write once.
 */
final readonly class SaveAthlete
{
    /** A millimetre is no reading. */
    private const SAME_STATURE_M = 0.001;

    public function __construct(
        private Athletes $athletes,
        private ShowAthletes $show,
        private Statures $statures,
        private Gyms $gyms,
        private IdempotentWrite $writes,
        private GymScope $scope,
        private ClockInterface $clock,
    ) {
    }

    /** @return bool true when it is new, false when the same request came before */
    public function add(UuidV7 $id, AthleteInput $input): bool
    {
        return $this->writes->run($id, Subject::of('add', 'athlete', $id), $input, function () use ($id, $input): void {
            $profile = $input->profile();
            $this->athletes->add(
                new Athlete(
                    $this->scope->gymId(),
                    $id,
                    $profile,
                    $profile->experience->firstStage(),
                    $this->clock->now(),
                ),
            );
            $this->note($id, $profile);
        });
    }

    public function change(UuidV7 $id, AthleteInput $input, WriteCondition $condition): void
    {
        $this->apply($id, $condition, 'change', $input, function (Athlete $athlete) use ($id, $input): void {
            $profile = $input->profile();
            if (abs($profile->statureM - $athlete->profile()->statureM) >= self::SAME_STATURE_M) {
                $this->note($id, $profile);
            }
            $athlete->change($profile);
        });
    }

    public function move(UuidV7 $id, StageInput $input, WriteCondition $condition): void
    {
        $this->apply(
            $id,
            $condition,
            'move',
            $input,
            static fn (Athlete $athlete) => $athlete->moveTo(Stage::from($input->stage)),
        );
    }

    public function measure(UuidV7 $id, MeasuresInput $input, WriteCondition $condition): void
    {
        $this->apply(
            $id,
            $condition,
            'measure',
            $input,
            static fn (Athlete $athlete) => $athlete->measure(
                $input->taped($athlete->profile()->statureM),
                $input->trimSchool(),
            ),
        );
    }

    public function remove(UuidV7 $id, WriteCondition $condition): void
    {
        $this->apply($id, $condition, 'remove', null, fn (Athlete $athlete) => $athlete->remove($this->clock->now()));
    }

    public function restore(UuidV7 $id, WriteCondition $condition): void
    {
        $this->apply($id, $condition, 'restore', null, static fn (Athlete $athlete) => $athlete->restore());
    }

    private function note(UuidV7 $id, AthleteProfile $profile): void
    {
        $this->statures->note(
            $id,
            LocalDay::of($this->clock->now(), $this->gyms->current()->timeZone()),
            $profile->statureM,
        );
    }

    /**
     * @param callable(Athlete): void $change
     */
    private function apply(
        UuidV7 $id,
        WriteCondition $condition,
        string $verb,
        AthleteInput|StageInput|MeasuresInput|null $input,
        callable $change,
    ): void {
        $this->writes->change(
            $condition,
            Subject::of($verb, 'athlete', $id),
            $input,
            fn (): Athlete => $this->athletes->get($id),
            $change,
            fn (): AthleteView => $this->show->one($id),
        );
    }
}
