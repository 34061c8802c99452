<?php

declare(strict_types=1);

namespace Zumbo\App\Demo;

use Zumbo\App\Entity\People\DominantHand;
use Zumbo\Core\Stage\Experience;

/**
 * One invented athlete: who it is, what they can really do, and what happened to them.
 */
final readonly class DemoAthlete
{
    /**
     * @param list<DemoCaution> $cautions
     * @param array<int, int>   $growth   stature in cm, by the week from which on
     */
    public function __construct(
        public string $name,
        public int $cm,
        public int $age,
        public Experience $experience,
        public HiddenTruth $truth,
        public array $cautions = [],
        public DominantHand $hand = DominantHand::Right,
        public bool $keepsRope = true,
        /** The week of a change to a shorter rope. */
        public ?int $ropeWeek = null,
        /** @var list<int> weeks in which the rope was trimmed by a step */
        public array $trimWeeks = [],
        /** Height of the armpit as taped, cm. */
        public ?int $tapedArmpitCm = null,
        public array $growth = [],
        public bool $guardianConsent = false,
        /** Code of the fault that is worked on. */
        public ?string $focus = null,
        public bool $ropeIsLookedOver = true,
    ) {
    }
}
