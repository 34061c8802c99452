<?php

declare(strict_types=1);

namespace Zumbo\Core\Drill;

use Zumbo\Core\Method\Ways;
use Zumbo\Core\Stage\Stage;

/**
 * The drills that a gym works with: the library without what it hides, with its own copies and its own drills.
 */
final readonly class DrillShelf
{
    /** Under which a gym's own drills stand in the log. */
    public const OWN = 'own-drill';

    /**
     * @param list<string>         $hidden codes
     * @param array<string, Drill> $copies by the code of the library
     * @param list<Drill>          $own
     */
    public function __construct(private array $hidden, private array $copies, private array $own)
    {
    }

    public static function library(): self
    {
        return new self([], [], []);
    }

    /**
     * @return non-empty-list<Drill> those that are worked through at a stage in turn, by how it is taught
     */
    public function ofStage(Stage $stage, Ways $ways): array
    {
        $drills = DrillTable::ofStage($stage, $ways);
        $shown = array_values(array_filter(
            array_map($this->asHere(...), $drills),
            fn (Drill $drill): bool => !$this->hides($drill->code) && $drill->fits($ways),
        ));

        // A stage whose drills are all hidden still needs one.
        return [] === $shown ? $drills : $shown;
    }

    /**
     * @return list<Drill> a gym's own ones of a stage that its method jumps
     */
    public function own(Stage $stage, Ways $ways): array
    {
        return array_values(array_filter(
            $this->own,
            static fn (Drill $drill): bool => $drill->hasPlaceAt($stage) && $drill->fits($ways),
        ));
    }

    /**
     * @return list<Drill> everything that is taught by those ways, the gym's own first
     */
    public function all(Ways $ways): array
    {
        return array_values(array_filter(
            [...$this->own, ...array_map($this->asHere(...), DrillTable::all())],
            static fn (Drill $drill): bool => $drill->fits($ways),
        ));
    }

    public function hides(string $code): bool
    {
        return \in_array($code, $this->hidden, true);
    }

    private function asHere(Drill $drill): Drill
    {
        return $this->copies[$drill->code] ?? $drill;
    }
}
