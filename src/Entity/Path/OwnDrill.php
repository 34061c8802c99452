<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Path;

use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\KeptRow;
use Zumbo\App\Entity\Trail\Trailed;
use Zumbo\App\Platform\Gym\BelongsToGym;
use Zumbo\App\Platform\Write\VersionedRow;
use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Drill\Drill;
use Zumbo\Core\Drill\DrillTable;
use Zumbo\Core\Drill\DrillWords;
use Zumbo\Core\Rhythm\Pattern;
use Zumbo\Core\Stage\Stage;

/**
 * A drill of the gym's own, its own copy of one of the library, or that it does without one.
 */
#[ORM\Entity]
#[ORM\Table(name: 'own_drill')]
class OwnDrill implements BelongsToGym, VersionedRow, Trailed
{
    use KeptRow;

    public const MOST_TITLE = 80;
    public const MOST_CUE = 80;
    public const MOST_WHY = 300;
    public const MOST_HOW = 1000;
    public const MOST_NOTATION = 200;

    #[ORM\Column(length: self::MOST_TITLE)]
    private string $title;

    #[ORM\Column(length: self::MOST_NOTATION)]
    private string $notation;

    #[ORM\Column(type: 'integer')]
    private int $cadence;

    #[ORM\Column(length: 8, enumType: CountKind::class)]
    private CountKind $countKind;

    #[ORM\Column(type: 'integer')]
    private int $aim;

    #[ORM\Column(type: 'integer')]
    private int $sets;

    #[ORM\Column(length: self::MOST_CUE)]
    private string $cue;

    #[ORM\Column(length: self::MOST_WHY)]
    private string $why;

    #[ORM\Column(length: self::MOST_HOW)]
    private string $how;

    public function __construct(
        Uuid $gymId,
        Uuid $id,
        /** Code of the library; null: one of their own. */
        #[ORM\Column(length: 40, nullable: true)] private ?string $replaces,
        #[ORM\Column(type: 'boolean')] private bool $hidden,
        #[ORM\Column(length: 8, enumType: Stage::class)] private Stage $stage,
        DrillWords $words,
    ) {
        $this->gymId = $gymId;
        $this->id = $id;
        $this->word($words);
    }

    public function replaces(): ?string
    {
        return $this->replaces;
    }

    public function isHidden(): bool
    {
        return $this->hidden;
    }

    public function stage(): Stage
    {
        return $this->stage;
    }

    public function words(): DrillWords
    {
        return new DrillWords(
            $this->title,
            Pattern::parse($this->notation),
            $this->cadence,
            $this->countKind,
            $this->aim,
            $this->sets,
            $this->cue,
            $this->why,
            $this->how,
        );
    }

    public function change(bool $hidden, Stage $stage, DrillWords $words): void
    {
        $this->hidden = $hidden;
        $this->stage = $stage;
        $this->word($words);
    }

    public function toCore(): Drill
    {
        return null === $this->replaces
            ? Drill::own($this->stage, $this->words())
            : DrillTable::named($this->replaces)->inWords($this->words());
    }

    public function trailName(): string
    {
        return $this->title;
    }

    private function word(DrillWords $words): void
    {
        $this->title = $words->title;
        $this->notation = $words->pattern->notation();
        $this->cadence = $words->cadence;
        $this->countKind = $words->countKind;
        $this->aim = $words->aim;
        $this->sets = $words->sets;
        $this->cue = $words->cue;
        $this->why = $words->why;
        $this->how = $words->how;
    }
}
