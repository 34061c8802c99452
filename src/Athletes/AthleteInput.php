<?php

declare(strict_types=1);

namespace Zumbo\App\Athletes;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\App\Entity\People\AthleteProfile;
use Zumbo\App\Entity\People\DominantHand;
use Zumbo\App\Platform\Input\OneOf;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\App\Shared\ReadableLength;
use Zumbo\Core\Body\BirthYear;
use Zumbo\Core\Body\Caution;
use Zumbo\Core\Measure\LengthParser;
use Zumbo\Core\Measure\Quantity;
use Zumbo\Core\Stage\Experience;

/**
 * An athlete as a coach types them.
 */
final readonly class AthleteInput
{
    /**
     * @param list<string> $cautions what to heed; noted on top of what stands already, for nothing here lifts anything
     */
    public function __construct(
        #[Assert\NotBlank(normalizer: 'trim')] #[Assert\Length(max: 80)] public string $name,
        /** `175`, `175 cm`, `1.75 m`, `5'9"` or `5 ft 9`. */
        #[ReadableLength(Quantity::Stature)] public string $height,
        #[OneOf(DominantHand::class)] public string $dominantHand,
        #[OneOf(Experience::class)] public string $experience,
        #[OneOf(Caution::class, multiple: true)] #[Assert\Unique] public array $cautions = [],
        /** To what is noted. */
        #[Assert\Length(max: 500)] public string $cautionNote = '',
        /** The day the height was read on, like 2026-11-24; left out: today. */
        #[Assert\Date] public ?string $measuredOn = null,
        #[Assert\Range(min: BirthYear::LEAST, max: BirthYear::MOST)] public ?int $birthYear = null,
        /** A guardian has agreed to what is kept of a minor. */
        public bool $guardianConsent = false,
    ) {
    }

    public function profile(): AthleteProfile
    {
        return new AthleteProfile(
            trim($this->name),
            LengthParser::parse($this->height, Quantity::Stature->range())->metres(),
            DominantHand::from($this->dominantHand),
            Experience::from($this->experience),
            $this->birthYear,
            $this->guardianConsent,
        );
    }

    /** @return list<Caution> */
    public function cautions(): array
    {
        return array_map(Caution::from(...), $this->cautions);
    }

    /** @throws BadField when it is still to come */
    public function measuredOn(\DateTimeImmutable $today): \DateTimeImmutable
    {
        $on = null === $this->measuredOn
            ? $today
            : new \DateTimeImmutable($this->measuredOn.' 00:00:00', new \DateTimeZone('UTC'));

        return $on > $today
            ? throw BadField::of('measuredOn', $this->measuredOn, 'a day up to today, like '.$today->format('Y-m-d'))
            : $on;
    }
}
