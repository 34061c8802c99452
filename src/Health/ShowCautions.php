<?php

declare(strict_types=1);

namespace Zumbo\App\Health;

use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Entity\Health\NotedCaution;
use Zumbo\App\Entity\Health\NotedCautions;
use Zumbo\App\Entity\People\Athletes;
use Zumbo\App\Platform\Clock\LocalDay;
use Zumbo\App\Shared\CurrentCoach;
use Zumbo\App\Shared\Health\TakeStatement;
use Zumbo\Core\Body\Health;
use Zumbo\Core\Body\HealthNote;

/**
 * What was noted of an athlete's health, what of it stands, and whose word would lift it.
 */
final readonly class ShowCautions
{
    public function __construct(
        private NotedCautions $noted,
        private Athletes $athletes,
        private Gyms $gyms,
        private CurrentCoach $coach,
        private TakeStatement $statement,
        private ClockInterface $clock,
    ) {
    }

    /**
     * @return list<NotedCautionView> the newest first
     */
    public function of(Uuid $athlete): array
    {
        return array_reverse($this->views($this->noted->ofAthlete($this->athletes->get($athlete)->id())));
    }

    public function one(Uuid $id): NotedCautionView
    {
        $note = $this->noted->get($id);
        foreach ($this->views($this->noted->ofAthlete($note->athleteId())) as $view) {
            if ($view->id === $note->id()->toRfc4122()) {
                return $view;
            }
        }
        throw new \LogicException('a note is among those of its athlete');
    }

    /** Whether a coach's word lifts it, with what was noted before it. */
    public function coachMayClear(NotedCaution $noted): bool
    {
        foreach ($this->core($this->noted->ofAthlete($noted->athleteId())) as [$one, $core, $before]) {
            if ($one->id()->equals($noted->id())) {
                return Health::coachMayClear($core, ...$before);
            }
        }

        return false;
    }

    /**
     * @param list<NotedCaution> $noted the oldest first
     *
     * @return list<NotedCautionView>
     */
    private function views(array $noted): array
    {
        $role = $this->coach->role();
        $minor = [] !== $noted && $this->statement->isMinor($noted[0]->athleteId());
        $core = $this->core($noted);
        $standing = Health::of(array_column($core, 1))->standing;

        return array_map(
            static fn (array $one): NotedCautionView => NotedCautionView::of(
                $one[0],
                \in_array($one[1], $standing, true),
                Health::coachMayClear($one[1], ...$one[2]),
                $minor,
                $role,
            ),
            $core,
        );
    }

    /**
     * @param list<NotedCaution> $noted the oldest first
     *
     * @return list<array{NotedCaution, HealthNote, list<HealthNote>}> each with those before it
     */
    private function core(array $noted): array
    {
        $today = $this->today();
        $all = array_map(static fn (NotedCaution $note): HealthNote => $note->toCore($today), $noted);

        return array_map(
            static fn (NotedCaution $note, int $i): array => [$note, $all[$i], \array_slice($all, 0, $i)],
            $noted,
            array_keys($noted),
        );
    }

    private function today(): \DateTimeImmutable
    {
        return LocalDay::of($this->clock->now(), $this->gyms->current()->timeZone());
    }
}
