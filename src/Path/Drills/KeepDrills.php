<?php

declare(strict_types=1);

namespace Zumbo\App\Path\Drills;

use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Entity\Path\OwnDrill;
use Zumbo\App\Entity\Path\OwnDrills;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Input\WriteCondition;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\App\Platform\Write\IdempotentWrite;
use Zumbo\App\Platform\Write\Subject;
use Zumbo\App\Shared\People\NamedAthlete;
use Zumbo\App\Shared\Today\JudgeToday;
use Zumbo\Core\Drill\Drill;
use Zumbo\Core\Method\Ways;
use Zumbo\Core\Stage\Stage;

/**
 * The drill library as a gym works with it: shows it, adds own drills and copies, hides what it does without; each write
 * once.
 */
final readonly class KeepDrills
{
    public function __construct(
        private OwnDrills $drills,
        private NamedAthlete $athletes,
        private Gyms $gyms,
        private JudgeToday $judge,
        private IdempotentWrite $writes,
        private GymScope $scope,
    ) {
    }

    /**
     * @param string|null $athleteId by whose ways, and as far as they may today; null: by the gym's
     *
     * @return list<LibraryDrillView> the gym's own first
     */
    public function library(?string $athleteId): array
    {
        if (null === $athleteId) {
            return $this->taught(Ways::of($this->gyms->current()->ways()->answers));
        }
        $judged = $this->judge->athlete($this->athletes->of($athleteId));
        $taught = $this->taught($judged->gates->ways);
        if ($judged->today->allowance->offersJumps()) {
            return $taught;
        }
        $instead = array_map(static fn (Drill $drill): string => $drill->code, $judged->today->insteadOfJumping());

        return array_values(array_filter(
            $taught,
            static fn (LibraryDrillView $drill): bool => \in_array($drill->code, $instead, true),
        ));
    }

    /**
     * @return bool true when it is new, false when the same request came before
     *
     * @throws BadField when it can't be read, or the gym has a row about that one already
     */
    public function add(UuidV7 $id, OwnDrillInput $input): bool
    {
        $input->check();
        $words = $input->words();

        return $this->writes->run($id, Subject::of('add', 'drill', $id), $input, function () use ($id, $input, $words): void {
            foreach (null === $input->replaces ? [] : $this->drills->all() as $row) {
                if ($row->replaces() === $input->replaces) {
                    throw BadField::of('replaces', (string) $input->replaces, 'a drill that the gym has changed nothing of yet');
                }
            }
            $this->drills->add(new OwnDrill(
                $this->scope->gymId(),
                $id,
                $input->replaces,
                $input->hidden,
                Stage::from($input->stage),
                $words,
            ));
        });
    }

    public function change(UuidV7 $id, OwnDrillInput $input, WriteCondition $condition): void
    {
        $input->check();
        $words = $input->words();
        $this->apply('change', $id, $condition, static fn (OwnDrill $drill) => $drill->change(
            $input->hidden,
            Stage::from($input->stage),
            $words,
        ), $input);
    }

    /** As in the library again, or gone where it was their own. */
    public function remove(UuidV7 $id, WriteCondition $condition, \DateTimeImmutable $now): void
    {
        $this->apply('remove', $id, $condition, static fn (OwnDrill $drill) => $drill->remove($now));
    }

    public function restore(UuidV7 $id, WriteCondition $condition): void
    {
        $this->apply('restore', $id, $condition, static fn (OwnDrill $drill) => $drill->restore());
    }

    public function one(UuidV7 $id): OwnDrillView
    {
        return OwnDrillView::of($this->drills->get($id));
    }

    /**
     * @return list<LibraryDrillView>
     */
    private function taught(Ways $ways): array
    {
        $shelf = $this->drills->shelf();
        $rows = $views = [];
        foreach ($this->drills->all() as $row) {
            if (null === $row->replaces()) {
                $own = $row->toCore();
                if ($own->fits($ways)) {
                    $views[] = self::view($own, false, $row);
                }
            } else {
                $rows[$row->replaces()] = $row;
            }
        }
        foreach ($shelf->all($ways) as $drill) {
            if (!$drill->isOwn()) {
                $views[] = self::view($drill, $shelf->hides($drill->code), $rows[$drill->code] ?? null);
            }
        }

        return $views;
    }

    private static function view(Drill $drill, bool $hidden, ?OwnDrill $row): LibraryDrillView
    {
        return LibraryDrillView::of($drill, $hidden, $row?->id()->toRfc4122(), $row?->version());
    }

    /** @param callable(OwnDrill): void $change */
    private function apply(
        string $verb,
        UuidV7 $id,
        WriteCondition $condition,
        callable $change,
        ?OwnDrillInput $body = null,
    ): void {
        $find = fn (): OwnDrill => $this->drills->get($id);
        $this->writes->change($condition, Subject::of($verb, 'drill', $id), $body, $find, $change, OwnDrillView::of(...));
    }
}
