<?php

declare(strict_types=1);

namespace Zumbo\Core\Cable;

use Zumbo\Core\Measure\LinearDensity;

/**
 * The families of cable a coach can buy, from felt to fast. Diameters are the middle of each family's range
 * (common practice, no published source).
 */
enum CableFamily: string
{
    case Beaded = 'beaded';
    case ThickCord = 'thick-cord';
    case MediumCord = 'medium-cord';
    case CoatedSteel = 'coated-steel';
    case ThinWire = 'thin-wire';
    case Weighted = 'weighted';

    /** Density of soft PVC cord, kg/m³ (from memory; the cord families rest on it). */
    private const CORD_DENSITY = 1300.0;

    /** Density of the nylon coating of a steel cable, kg/m³ (from memory). */
    public const COATING_DENSITY = 1150.0;

    /** Mass of steel strand, kg per 100 m and mm² of core diameter squared: 0.35–0.40 (from memory). */
    public const STRAND_FACTOR = 0.38;

    /** Outer diameter in metres. */
    public function diameter(): float
    {
        return match ($this) {
            self::Beaded => 0.009,
            self::ThickCord => 0.005,
            self::MediumCord => 0.004,
            self::CoatedSteel => 0.0025,
            self::ThinWire => 0.0018,
            self::Weighted => 0.01,
        };
    }

    /**
     * Solid cord ρπD²/4; coated steel W·D_c²/100 plus the ring of coating; beads and weighted ropes as weighed
     * (0.07 kg/m beads, from memory; 0.16 kg/m ≈ 1 lb in all with handles, common practice).
     */
    public function linearDensity(): LinearDensity
    {
        return match ($this) {
            self::Beaded => LinearDensity::ofKilogramsPerMetre(0.07),
            self::ThickCord, self::MediumCord => self::solidCord($this->diameter(), self::CORD_DENSITY),
            self::CoatedSteel => self::coatedSteel(0.0015, $this->diameter()),
            self::ThinWire => self::coatedSteel(0.0012, $this->diameter()),
            self::Weighted => LinearDensity::ofKilogramsPerMetre(0.16),
        };
    }

    /** Safe to learn on: felt, heard, and no whip on bare skin. */
    public function suitsBeginners(): bool
    {
        return match ($this) {
            self::Beaded, self::ThickCord, self::MediumCord => true,
            self::CoatedSteel, self::ThinWire, self::Weighted => false,
        };
    }

    /** The family that weighs and measures most alike, each by its ratio (our assumption). */
    public static function like(LinearDensity $density, float $diameterM): self
    {
        $nearest = self::ThickCord;
        $least = \INF;
        foreach (self::cases() as $family) {
            $off =
                abs(log($density->kilogramsPerMetre() / $family->linearDensity()->kilogramsPerMetre())) +
                abs(log($diameterM / $family->diameter()));
            if ($off < $least) {
                [$nearest, $least] = [$family, $off];
            }
        }

        return $nearest;
    }

    public static function solidCord(float $diameterM, float $densityKgPerM3): LinearDensity
    {
        return LinearDensity::ofKilogramsPerMetre(($densityKgPerM3 * \M_PI * $diameterM ** 2) / 4);
    }

    /** Steel strand of the core diameter inside a coating of the outer one. */
    public static function coatedSteel(
        float $coreDiameterM,
        float $diameterM,
        float $strandFactor = self::STRAND_FACTOR,
        float $coatingDensity = self::COATING_DENSITY,
    ): LinearDensity {
        $core = ($strandFactor * ($coreDiameterM * 1000) ** 2) / 100;
        $coating = ($coatingDensity * \M_PI * ($diameterM ** 2 - $coreDiameterM ** 2)) / 4;

        return LinearDensity::ofKilogramsPerMetre($core + $coating);
    }
}
