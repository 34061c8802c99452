<?php

declare(strict_types=1);

namespace Zumbo\App\Athletes;

use Zumbo\App\Entity\People\TapedLandmarks;
use Zumbo\App\Platform\Input\OneOf;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\App\Shared\ReadableLength;
use Zumbo\Core\Body\Body;
use Zumbo\Core\Body\Landmark;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\LengthParser;
use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Measure\Quantity;
use Zumbo\Core\Rope\School;
use Zumbo\Core\Rope\TrimSchool;

/**
 * What a coach taped on an athlete, and how the rope is to come to its length; what is left out is estimated, or as the
 * gym does it.
 */
final readonly class MeasuresInput
{
    public function __construct(
        #[ReadableLength(Quantity::Landmark, 'Shoulder')] public ?string $shoulder = null,
        #[ReadableLength(Quantity::Landmark, 'Armpit')] public ?string $armpit = null,
        #[ReadableLength(Quantity::Landmark, 'Chest')] public ?string $chest = null,
        #[ReadableLength(Quantity::Landmark, 'Breastbone')] public ?string $breastbone = null,
        #[OneOf(TrimSchool::class)] public ?string $trimSchool = null,
        /** Whose length is their goal; left out: by stage, as the gym does it. */
        #[OneOf(School::class)] public ?string $school = null,
        /** Of one handle; left out: not known. */
        #[ReadableLength(Quantity::Handle)] public ?string $handle = null,
    ) {
    }

    /** @throws BadField when one is above the head, or below the knee, of somebody of that height */
    public function taped(float $statureM): TapedLandmarks
    {
        $body = Body::ofStature(Length::ofMetres($statureM));
        $heights = [];
        foreach (
            [
                'shoulder' => $this->shoulder,
                'armpit' => $this->armpit,
                'chest' => $this->chest,
                'breastbone' => $this->breastbone,
            ] as $name => $typed
        ) {
            $range = Quantity::Landmark->range()->named(ucfirst($name));
            $height = null === $typed ? null : LengthParser::parse($typed, $range);
            try {
                if (null !== $height) {
                    $body->withTaped(Landmark::from($name), $height);
                }
            } catch (OutOfRange $e) {
                throw BadField::of($name, $typed, $e->accepted, ucfirst($e->getMessage()).'.');
            }
            $heights[] = $height?->metres();
        }

        return new TapedLandmarks(...$heights);
    }

    public function trimSchool(): ?TrimSchool
    {
        return null === $this->trimSchool ? null : TrimSchool::from($this->trimSchool);
    }

    public function school(): ?School
    {
        return null === $this->school ? null : School::from($this->school);
    }

    public function handle(): ?Length
    {
        return null === $this->handle ? null : LengthParser::parse($this->handle, Quantity::Handle->range());
    }
}
