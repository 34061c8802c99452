<?php

declare(strict_types=1);

namespace Zumbo\App\OwnGym\Settings;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\App\OwnGym\GymInput;
use Zumbo\App\Platform\Input\OneOf;
use Zumbo\App\Shared\ReadableLength;
use Zumbo\Core\Measure\LengthParser;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Measure\Quantity;
use Zumbo\Core\Rope\Measuring;
use Zumbo\Core\Rope\Reading;
use Zumbo\Core\Rope\School;
use Zumbo\Core\Rope\Stance;
use Zumbo\Core\Rope\TrimSchool;

/**
 * What changes of a gym's settings; what is left out stays as it is.
 */
final readonly class SettingsInput
{
    /** As each school names or means it. */
    public const BY_SCHOOL = 'by-school';

    public function __construct(
        #[Assert\Length(max: GymInput::LONGEST_NAME)] public ?string $name = null,
        /** By which its evenings are counted. */
        #[Assert\Timezone(zone: \DateTimeZone::ALL_WITH_BC, message: 'The time zone of a city, like Europe/London.')]
        public ?string $timeZone = null,
        /** In which lengths are shown. */
        #[OneOf(LengthUnit::class)] public ?string $unit = null,
        /** How athletes come to the length they keep. */
        #[OneOf(TrimSchool::class)] public ?string $trimSchool = null,
        /** What beginners and guests are sized by, and the strip on the wall. */
        #[OneOf(School::class)] public ?string $beginnersSchool = null,
        /** Of the handles that the gym's ropes have; empty: not known. */
        #[ReadableLength(Quantity::Handle, mayBeEmpty: true)] public ?string $handle = null,
        /** Of the hall; empty: not known. */
        #[ReadableLength(Quantity::Ceiling, mayBeEmpty: true)] public ?string $ceiling = null,
        /** Of the hall along the front; empty: not known. */
        #[ReadableLength(Quantity::HallSide, mayBeEmpty: true)] public ?string $hallWidth = null,
        /** Of the hall, away from the front. */
        #[ReadableLength(Quantity::HallSide, mayBeEmpty: true)] public ?string $hallDepth = null,
        /** Of the mat in the middle of it; empty: there is none. */
        #[ReadableLength(Quantity::HallSide, mayBeEmpty: true)] public ?string $matWidth = null,
        #[ReadableLength(Quantity::HallSide, mayBeEmpty: true)] public ?string $matDepth = null,
        /** In which ropes are measured. */
        #[Assert\Choice(choices: [self::BY_SCHOOL, 'one-foot', 'two-feet', 'pinned'])] public ?string $stance = null,
        /** By which ends they are read. */
        #[Assert\Choice(choices: [self::BY_SCHOOL, 'handle-end', 'cable-end'])] public ?string $reading = null,
        /** The classes of the week, a line each, like `Tue 18:30 Evening class`; empty: none are said. */
        #[Assert\Length(max: 8000)] public ?string $classTimes = null,
    ) {
    }

    /** What is left out stays. */
    public function measuring(Measuring $now): Measuring
    {
        return Measuring::of(
            null === $this->stance ? $now->stance : Stance::tryFrom($this->stance),
            null === $this->reading ? $now->reading : Reading::tryFrom($this->reading),
        );
    }

    /** Null: it stays, or there is none. */
    public function handleM(): ?float
    {
        return self::metres($this->handle, Quantity::Handle);
    }

    public function ceilingM(): ?float
    {
        return self::metres($this->ceiling, Quantity::Ceiling);
    }

    /** @param float|null $now what it is, and stays when nothing is typed */
    public static function side(?string $typed, ?float $now): ?float
    {
        return null === $typed ? $now : self::metres($typed, Quantity::HallSide);
    }

    private static function metres(?string $typed, Quantity $quantity): ?float
    {
        return null === $typed || '' === trim($typed) ? null : LengthParser::parse($typed, $quantity->range())->metres();
    }
}
