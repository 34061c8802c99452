<?php

declare(strict_types=1);

namespace Zumbo\App\Athletes;

use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Entity\People\Athlete;
use Zumbo\App\Entity\People\Athletes;
use Zumbo\App\Entity\Trail\Trail;
use Zumbo\App\Entity\Trail\TrailDeed;
use Zumbo\App\Entity\Trail\TrailNote;
use Zumbo\App\Platform\Api\KeptAnswers;
use Zumbo\App\Platform\Input\WriteCondition;
use Zumbo\App\Platform\Job\Chore;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\App\Platform\Write\IdempotentWrite;
use Zumbo\App\Platform\Write\Subject;

/**
 * Erases for good what is kept of an athlete who was removed: when an owner says so, or after three months.
 */
final readonly class EraseAthlete implements Chore
{
    /** So long a removal can be undone. */
    public const KEPT_DAYS = 90;

    public function __construct(
        private Athletes $athletes,
        private ShowAthletes $show,
        private IdempotentWrite $writes,
        private KeptAnswers $kept,
        private Trail $trail,
        private ClockInterface $clock,
    ) {
    }

    public function byName(UuidV7 $id, EraseInput $input, WriteCondition $condition): void
    {
        $this->writes->change(
            $condition,
            Subject::of('erase', 'athlete', $id),
            $input,
            fn (): Athlete => $this->athletes->get($id),
            function (Athlete $athlete) use ($input): void {
                if (!$athlete->isRemoved()) {
                    throw BadField::of(
                        'id',
                        $athlete->id()->toRfc4122(),
                        'an athlete who was removed; remove first, that can be undone',
                    );
                }
                if (trim($input->name) !== $athlete->profile()->name) {
                    throw BadField::of('name', $input->name, 'the name as it is written down');
                }
                $this->erase($athlete->id());
            },
            fn (): AthleteView => $this->show->one($id),
        );
        $this->kept->forget();
    }

    /** In the gym that is entered: whoever was removed too long ago. */
    public function doIt(): void
    {
        foreach ($this->athletes->removedBefore($this->clock->now()->modify('-'.self::KEPT_DAYS.' days')) as $id) {
            $this->writes->run(
                new UuidV7(),
                Subject::of('forget', 'athlete', $id),
                null,
                fn () => $this->erase($id),
            );
            $this->kept->forget();
        }
    }

    /** Of the trail only this stays: that somebody was erased, and by whom; not who they were. */
    private function erase(Uuid $id): void
    {
        $this->athletes->erase($id);
        $this->trail->add([new TrailNote(TrailDeed::Deleted, 'athlete', new UuidV7(), '', [])]);
    }
}
