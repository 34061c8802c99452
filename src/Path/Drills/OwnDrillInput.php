<?php

declare(strict_types=1);

namespace Zumbo\App\Path\Drills;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\App\Entity\Path\OwnDrill;
use Zumbo\App\Platform\Input\OneOf;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\App\Shared\WrittenPattern;
use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Drill\DrillTable;
use Zumbo\Core\Drill\DrillWords;
use Zumbo\Core\Stage\Stage;

/**
 * A drill as a coach writes it.
 */
final readonly class OwnDrillInput
{
    public function __construct(
        #[Assert\NotBlank(normalizer: 'trim')] #[Assert\Length(max: OwnDrill::MOST_TITLE)] public string $title,
        #[OneOf(Stage::class)] public string $stage,
        /** As the pattern notation has it, like `3s d`. */
        #[Assert\NotBlank(normalizer: 'trim')] #[Assert\Length(max: OwnDrill::MOST_NOTATION)] public string $notation,
        #[Assert\Range(min: DrillWords::LEAST_CADENCE, max: DrillWords::MOST_CADENCE)] public int $cadence = 100,
        #[OneOf(CountKind::class)] public string $countKind = 'streak',
        #[Assert\Range(min: 1, max: DrillWords::MOST_AIM)] public int $aim = 10,
        #[Assert\Range(min: 1, max: DrillWords::MOST_SETS)] public int $sets = 3,
        #[Assert\Length(max: OwnDrill::MOST_CUE)] public string $cue = '',
        #[Assert\Length(max: OwnDrill::MOST_WHY)] public string $why = '',
        #[Assert\Length(max: OwnDrill::MOST_HOW)] public string $how = '',
        /** Code of the library whose copy it is; left out: one of their own. */
        #[Assert\Length(max: 40)] public ?string $replaces = null,
        /** The gym does without the one of the library. */
        public bool $hidden = false,
    ) {
    }

    public function words(): DrillWords
    {
        return new DrillWords(
            trim($this->title),
            WrittenPattern::read('notation', $this->notation),
            $this->cadence,
            CountKind::from($this->countKind),
            $this->aim,
            $this->sets,
            trim($this->cue),
            trim($this->why),
            trim($this->how),
        );
    }

    /** @throws BadField when the library has no drill of that code, or there is none to be hidden */
    public function check(): void
    {
        if (null === $this->replaces && $this->hidden) {
            throw BadField::of('hidden', 'true', 'only a drill of the library');
        }
        if (null !== $this->replaces && !DrillTable::has($this->replaces)) {
            throw BadField::of('replaces', $this->replaces, 'a drill of the library');
        }
    }
}
