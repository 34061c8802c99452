<?php

declare(strict_types=1);

namespace Zumbo\App\Path\Gates;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\App\Entity\Path\GateDecision;
use Zumbo\App\Entity\Path\GateDeed;
use Zumbo\App\Platform\Input\OneOf;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Path\GateChoice;
use Zumbo\Core\Path\GateSetting;
use Zumbo\Core\Stage\Stage;

/**
 * What a coach decides about a gate.
 */
final readonly class GateInput
{
    public function __construct(
        #[OneOf(Stage::class)] public string $stage,
        #[OneOf(GateDeed::class)] public string $deed,
        /** Why; it stays in the history. */
        #[Assert\NotBlank(normalizer: 'trim')] #[Assert\Length(max: GateDecision::MOST_LETTERS)] public string $reason,
        /** Left out: of the whole gym. */
        #[Assert\Uuid(versions: [7])] public ?string $athleteId = null,
        #[OneOf(GateChoice::class)] public string $choice = 'usual',
        /** Reps, clean tries or seconds; left out: as the choice says. */
        #[Assert\Range(min: 1, max: GateSetting::MOST_COUNT)] public ?int $count = null,
        /** Ten jumps and ten hops forward and backward are asked as well, at the stage of singles. */
        public bool $withFeet = false,
    ) {
    }

    /** @throws BadField when that is no gate of the stage */
    public function check(): void
    {
        try {
            GateSetting::of(Stage::from($this->stage), GateChoice::from($this->choice), $this->count, $this->withFeet);
        } catch (OutOfRange $e) {
            throw BadField::of('count', (string) $this->count, $e->accepted, ucfirst($e->getMessage()).'.');
        }
    }
}
