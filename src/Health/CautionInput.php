<?php

declare(strict_types=1);

namespace Zumbo\App\Health;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\App\Platform\Input\OneOf;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\Core\Body\BodyPart;
use Zumbo\Core\Body\Caution;
use Zumbo\Core\Body\HealthNote;

/**
 * Something to heed before an athlete jumps: of pain the place and how much.
 */
final readonly class CautionInput
{
    public function __construct(
        #[Assert\Uuid(versions: [7])] public string $athleteId,
        #[OneOf(Caution::class)] public string $caution,
        #[OneOf(BodyPart::class)] public ?string $place = null,
        #[Assert\Range(min: 0, max: HealthNote::MOST_DEGREE)] public ?int $degree = null,
        /** For coaches only. */
        #[Assert\Length(max: 500)] public string $note = '',
        /** Of easy weeks: the last local day, like 2026-12-20. */
        #[Assert\Date] public ?string $until = null,
    ) {
    }

    public function caution(): Caution
    {
        return Caution::from($this->caution);
    }

    public function place(): ?BodyPart
    {
        return null === $this->place ? null : BodyPart::from($this->place);
    }

    /** @throws BadField when pain has no place, or something else has an end */
    public function until(): ?\DateTimeImmutable
    {
        if ($this->caution()->isPain() && null === $this->place) {
            throw BadField::of('place', null, 'one of '.implode(', ', array_column(BodyPart::cases(), 'value')));
        }
        if (null !== $this->until && Caution::EasyWeeks !== $this->caution()) {
            throw BadField::of('until', $this->until, 'nothing, unless it is easy weeks');
        }

        return null === $this->until ? null : new \DateTimeImmutable($this->until.' 00:00:00', new \DateTimeZone('UTC'));
    }
}
