<?php

declare(strict_types=1);

namespace Zumbo\App\Athletes;

use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Entity\Health\NotedCaution;
use Zumbo\App\Entity\Health\NotedCautions;
use Zumbo\App\Entity\People\Athlete;
use Zumbo\App\Entity\People\Athletes;
use Zumbo\App\Entity\People\Statures;
use Zumbo\App\Platform\Clock\LocalDay;
use Zumbo\App\Platform\Gym\GymDatabase;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Input\WriteCondition;
use Zumbo\App\Platform\Write\IdempotentWrite;
use Zumbo\App\Platform\Write\Subject;
use Zumbo\App\Shared\CoachName;
use Zumbo\App\Shared\People\NewAthlete;
use Zumbo\Core\Body\Caution;
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
        private NewAthlete $newcomer,
        private ShowAthletes $show,
        private Statures $statures,
        private NotedCautions $noted,
        private CoachName $name,
        private GymDatabase $database,
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
            $this->newcomer->add($id, $input->profile(), $input->measuredOn($this->today()));
            // The database wants the athlete before what is noted of them.
            $this->database->entities()->flush();
            $this->raise($id, $input, []);
        });
    }

    public function change(UuidV7 $id, AthleteInput $input, WriteCondition $condition): void
    {
        $this->apply($id, $condition, 'change', $input, function (Athlete $athlete) use ($id, $input): void {
            $profile = $input->profile();
            $on = $input->measuredOn($this->today());
            $read = abs($profile->statureM - $athlete->profile()->statureM) >= self::SAME_STATURE_M;
            if ($read || null !== $input->measuredOn) {
                $this->statures->note($id, $on, $profile->statureM);
                $this->database->entities()->flush();
                // A height of an earlier day is history: what was read last is how tall they are.
                $profile = $profile->withStature($this->statures->ofAthlete($id)->latest()?->metres());
            }
            $athlete->change($profile);
            $this->raise($id, $input, $this->noted->ofAthlete($id));
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
            static function (Athlete $athlete) use ($input): void {
                $athlete->measure($input->taped($athlete->profile()->statureM));
                $athlete->sizeBy($input->trimSchool(), $input->school(), $input->handle()?->metres());
            },
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

    /**
     * @param list<NotedCaution> $noted already
     */
    private function raise(UuidV7 $id, AthleteInput $input, array $noted): void
    {
        $standing = array_map(
            static fn (NotedCaution $note): Caution => $note->caution(),
            array_filter($noted, static fn (NotedCaution $note): bool => null === $note->isLiftedBy()),
        );
        foreach ($input->cautions() as $caution) {
            if (\in_array($caution, $standing, true)) {
                continue;
            }
            $this->noted->add(
                new NotedCaution(
                    $this->scope->gymId(),
                    Uuid::v7(),
                    $id,
                    $caution,
                    null,
                    null,
                    trim($input->cautionNote),
                    null,
                    $this->today(),
                    $this->clock->now(),
                    $this->name->ofCurrent(),
                ),
            );
        }
    }

    private function today(): \DateTimeImmutable
    {
        return LocalDay::of($this->clock->now(), $this->gyms->current()->timeZone());
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
