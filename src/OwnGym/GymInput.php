<?php

declare(strict_types=1);

namespace Zumbo\App\OwnGym;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\Core\Measure\LengthUnit;

final readonly class GymInput
{
    public const LONGEST_NAME = 80;

    public function __construct(
        #[Assert\NotBlank(normalizer: 'trim')] #[Assert\Length(max: self::LONGEST_NAME)] public string $name,
        /** By which its evenings are counted. */
        #[Assert\Timezone(zone: \DateTimeZone::ALL_WITH_BC, message: 'The time zone of a city, like Europe/London.')]
        public string $timeZone,
        #[Assert\Choice(choices: ['cm', 'ft-in'])] public string $unit,
    ) {
    }

    public function name(): string
    {
        return trim($this->name);
    }

    public function unit(): LengthUnit
    {
        return LengthUnit::from($this->unit);
    }
}
