<?php

declare(strict_types=1);

namespace Zumbo\App\Shared;

use Zumbo\App\Entity\Gym\Gym;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Method\Ways;
use Zumbo\Core\Rope\Reading;
use Zumbo\Core\Rope\School;
use Zumbo\Core\Rope\Stance;
use Zumbo\Core\Rope\TrimSchool;

final readonly class GymView
{
    private function __construct(
        public string $id,
        public string $name,
        public string $timeZone,
        public LengthUnit $unit,
        public TrimSchool $trimSchool,
        /** What beginners and guests are sized by. */
        public School $beginnersSchool,
        /** Of the handles its ropes have; null: not known. */
        public ?float $handleM,
        /** Of its hall; null: not known. */
        public ?float $ceilingM,
        /** Of its hall along the front; null: not known. */
        public ?float $hallWidthM,
        public ?float $hallDepthM,
        /** Of the mat in the middle of it; null: there is none. */
        public ?float $matWidthM,
        public ?float $matDepthM,
        /** In which ropes are measured; null: as each school names it. */
        public ?Stance $stance,
        /** By which ends they are read; null: as each school means it. */
        public ?Reading $reading,
        /** The classes of its week, a line each; empty: not said. */
        public string $classTimes,
        /** A pattern to begin with, of the method it teaches by, as the notation writes it. */
        public string $usualPattern,
        /** It is the demo: invented people, and a password that everybody can read. */
        public bool $demo,
        public int $version,
    ) {
    }

    public static function of(Gym $gym): self
    {
        return new self(
            $gym->id()->toRfc4122(),
            $gym->name(),
            $gym->timeZone(),
            $gym->unit(),
            $gym->trimSchool(),
            $gym->beginnersSchool(),
            $gym->handleLengthM(),
            $gym->ceilingM(),
            $gym->hallWidthM(),
            $gym->hallDepthM(),
            $gym->matWidthM(),
            $gym->matDepthM(),
            $gym->measuring()->stance,
            $gym->measuring()->reading,
            $gym->classTimes()->written(),
            Ways::of($gym->ways()->answers)->method->usualPattern(),
            Gym::DEMO_ID === $gym->id()->toRfc4122(),
            $gym->version(),
        );
    }
}
