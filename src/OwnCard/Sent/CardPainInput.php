<?php

declare(strict_types=1);

namespace Zumbo\App\OwnCard\Sent;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\App\OwnCard\CardLinkInput;
use Zumbo\App\Platform\Clock\PastInstant;
use Zumbo\App\Platform\Input\OneOf;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\Core\Body\BodyPart;
use Zumbo\Core\Body\Caution;
use Zumbo\Core\Body\HealthNote;

/**
 * Pain or a warning sign, as an athlete notes it on their own card.
 */
final readonly class CardPainInput
{
    public function __construct(
        #[Assert\Valid] public CardLinkInput $link,
        /** Made by the phone: sent twice, it counts once. */
        #[Assert\Uuid(versions: [7])] public string $id,
        #[OneOf(Caution::class)] public string $caution,
        #[Assert\Regex(PastInstant::PATTERN, message: PastInstant::EXAMPLE)] public string $at,
        #[OneOf(BodyPart::class)] public ?string $place = null,
        #[Assert\Range(min: 0, max: HealthNote::MOST_DEGREE)] public ?int $degree = null,
    ) {
    }

    /** @throws BadField when it is neither pain nor a warning sign, or pain without a place */
    public function caution(): Caution
    {
        $caution = Caution::from($this->caution);
        if (!$caution->isRedFlag() && Caution::Pain !== $caution) {
            throw BadField::of('caution', $this->caution, 'pain, or a warning sign');
        }
        if ($caution->isPain() && null === $this->place) {
            throw BadField::of('place', null, 'one of '.implode(', ', array_column(BodyPart::cases(), 'value')));
        }

        return $caution;
    }

    public function place(): ?BodyPart
    {
        return null === $this->place ? null : BodyPart::from($this->place);
    }

    /**
     * @return list<string|int|null> what is noted, without the link it comes by
     */
    public function noted(): array
    {
        return [$this->caution, $this->at, $this->place, $this->degree];
    }
}
