<?php

declare(strict_types=1);

namespace Zumbo\Core\Cable;

use Zumbo\Core\Measure\Term;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Stage\Phase;
use Zumbo\Core\Stage\Stage;

/**
 * Whether the cable of a rope suits the stage, and the next one on the way from thick to thin with what comes before it.
 *
 * Common practice, no published source: learn on a cable that is felt and heard, go thinner step by step, thin wire
 * last and only with covered shins. Too light gives no feel, so the arms take over; too heavy tires and hinders
 * doubles. Which family still suits which third of the path is our assumption.
 */
final readonly class CableNeeds
{
    /** phase → what suits it; weighted ropes are for drills. */
    private const RIGHT = [
        'learning' => [CableFamily::Beaded, CableFamily::ThickCord, CableFamily::MediumCord],
        'approaching' => [CableFamily::ThickCord, CableFamily::MediumCord, CableFamily::CoatedSteel],
        'linking' => [CableFamily::MediumCord, CableFamily::CoatedSteel, CableFamily::ThinWire],
    ];

    private function __construct(
        public CableFit $fit,
        /** To begin with, or to change to now. */
        public CableFamily $recommended,
        /** Of which a new cable is bought: the one they have where it is right. */
        public CableFamily $toBuy,
        /** The next one on the way; null: there is none thinner, or the present one is to be changed first. */
        public ?CableFamily $next,
        /** From this stage on. */
        public ?Stage $nextFrom,
        public Verdict $reason,
        public ?Verdict $nextReason,
    ) {
    }

    /** @param CableFamily|null $family of the rope they have; null: none, or not known */
    public static function of(Stage $stage, ?CableFamily $family): self
    {
        $phase = $stage->phase();
        $recommended = self::recommended($phase);
        $fit = self::fit($phase, $family);
        $values = ['family' => Term::of($family ?? $recommended), 'to' => Term::of($recommended)];
        $reason = Verdict::of(match ($fit) {
            CableFit::Unknown => 'cable.'.$phase->value,
            CableFit::Right => 'cable.right',
            CableFit::TooLight => 'cable.too_light',
            CableFit::TooHeavy => 'cable.too_heavy',
        }, $values);
        $toBuy = CableFit::Right === $fit ? $family ?? $recommended : $recommended;
        [$next, $from] = self::next($family ?? $recommended);
        if (null === $next || null === $from || CableFit::TooLight === $fit || CableFit::TooHeavy === $fit) {
            return new self($fit, $recommended, $toBuy, null, null, $reason, null);
        }

        return new self($fit, $recommended, $toBuy, $next, $from, $reason, Verdict::of(
            CableFamily::ThinWire === $next ? 'cable.next_wire' : 'cable.next',
            ['to' => Term::of($next), 'stage' => Term::of($from)],
        ));
    }

    /** Whether a shared rope of that cable may be given to somebody of that stage. */
    public static function mayHave(Stage $stage, CableFamily $family): bool
    {
        return CableFamily::Weighted !== $family && CableFit::TooLight !== self::fit($stage->phase(), $family);
    }

    public static function recommended(Phase $phase): CableFamily
    {
        return match ($phase) {
            Phase::Learning => CableFamily::ThickCord,
            Phase::Approaching => CableFamily::MediumCord,
            Phase::Linking => CableFamily::CoatedSteel,
        };
    }

    private static function fit(Phase $phase, ?CableFamily $family): CableFit
    {
        return match (true) {
            null === $family => CableFit::Unknown,
            \in_array($family, self::RIGHT[$phase->value], true) => CableFit::Right,
            CableFamily::CoatedSteel === $family, CableFamily::ThinWire === $family => CableFit::TooLight,
            default => CableFit::TooHeavy,
        };
    }

    /**
     * @return array{CableFamily, Stage}|array{null, null}
     */
    private static function next(CableFamily $family): array
    {
        return match ($family) {
            CableFamily::Weighted, CableFamily::Beaded => [CableFamily::ThickCord, Stage::Join],
            CableFamily::ThickCord => [CableFamily::MediumCord, Stage::Range],
            CableFamily::MediumCord => [CableFamily::CoatedSteel, Stage::Link],
            CableFamily::CoatedSteel => [CableFamily::ThinWire, Stage::Workout],
            CableFamily::ThinWire => [null, null],
        };
    }
}
