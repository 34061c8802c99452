<?php

declare(strict_types=1);

namespace Zumbo\Core\Drill;

use Zumbo\Core\Body\BodyPart;
use Zumbo\Core\Measure\Rate;
use Zumbo\Core\Method\Method;
use Zumbo\Core\Method\Sound;
use Zumbo\Core\Method\WarmUp;
use Zumbo\Core\Method\Ways;
use Zumbo\Core\Rhythm\Pattern;
use Zumbo\Core\Rhythm\PatternTiming;
use Zumbo\Core\Stage\Stage;

/**
 * One thing to practise: what to jump, at which beat, how much of it, and the one cue that goes with it.
 *
 * @phpstan-import-type Row from DrillFamily
 */
final readonly class Drill
{
    private const LEGS = [
        BodyPart::Foot, BodyPart::Ankle, BodyPart::Achilles, BodyPart::Shin, BodyPart::Calf, BodyPart::Knee,
        BodyPart::Hip, BodyPart::Back,
    ];
    private const ARMS = [BodyPart::Wrist, BodyPart::Shoulder];

    /**
     * @param non-empty-list<Stage> $stages    at which it has a place
     * @param list<Method>          $methods   that it belongs to; empty: all that jump its pattern
     * @param WarmUp|null           $warmUp    the school that begins with it; null: every one
     * @param Sound|null            $sound     the school that it is of; null: every one
     * @param list<Method>|null     $mainBy    the methods by which it is worked through in turn; null: by none
     * @param list<BodyPart>|null   $loadsOnly null: what its work asks
     */
    private function __construct(
        /** Stable name in the record. */
        public string $code,
        public DrillFamily $family,
        public Stage $stage,
        public array $stages,
        /** What is done while jumping is off. */
        public bool $instead,
        /** As a coach says it. */
        public string $title,
        public Pattern $pattern,
        /** Jumps a minute. */
        public int $cadence,
        public CountKind $countKind,
        /** How much: reps of a streak, tries, or seconds of a hold. */
        public int $aim,
        public int $sets,
        public string $cue,
        public string $why,
        public DrillWork $work,
        public DrillNotes $notes,
        private array $methods,
        private ?WarmUp $warmUp,
        private ?Sound $sound,
        private ?array $mainBy,
        private ?array $loadsOnly,
    ) {
    }

    /**
     * @param Row $row
     */
    public static function fromRow(string $code, DrillFamily $family, array $row): self
    {
        $work = $row['work'] ?? DrillWork::JumpAndRope;
        [$notation, $cadence] = $row['beat'];
        [$countKind, $aim, $sets] = $row['count'];

        return new self(
            $code,
            $family,
            $row['stages'][0],
            $row['stages'],
            isset($row['instead']),
            $row['title'],
            Pattern::parse($notation),
            $cadence,
            $countKind,
            $aim,
            $sets,
            $row['cue'],
            $row['why'],
            $work,
            new DrillNotes(
                $row['how'],
                $row['watch'],
                $row['mistake'],
                $row['needs'] ?? (DrillWork::JumpAndRope === $work ? [Equipment::Rope] : []),
                $row['fixes'] ?? [],
                $row['easier'] ?? null,
                $row['harder'] ?? null,
                $row['caution'] ?? '',
            ),
            $row['methods'] ?? [],
            $row['warmUp'] ?? null,
            $row['sound'] ?? null,
            self::mainBy($row['main'] ?? false),
            $row['loads'] ?? null,
        );
    }

    /**
     * @param bool|list<Method> $main
     *
     * @return list<Method>|null
     */
    private static function mainBy(bool|array $main): ?array
    {
        return \is_array($main) ? $main : ($main ? Method::cases() : null);
    }

    /** A gym's own, for one stage: it says nothing of the gate, for nobody knows what it shows. */
    public static function own(Stage $stage, DrillWords $words): self
    {
        return self::worded(DrillShelf::OWN, DrillFamily::Own, $stage, $words);
    }

    /** A ladder as a drill of a stage, under the name by which it stands in the record. */
    public static function ladder(string $code, Stage $stage, DrillWords $words): self
    {
        return self::worded($code, DrillFamily::Games, $stage, $words);
    }

    private static function worded(string $code, DrillFamily $family, Stage $stage, DrillWords $words): self
    {
        return new self(
            $code,
            $family,
            $stage,
            [$stage],
            false,
            $words->title,
            $words->pattern,
            $words->cadence,
            $words->countKind,
            $words->aim,
            $words->sets,
            $words->cue,
            $words->why,
            DrillWork::JumpAndRope,
            new DrillNotes($words->how, '', '', [Equipment::Rope], [], null, null, ''),
            [],
            null,
            null,
            null,
            null,
        );
    }

    /** The same drill in a gym's own words: what it is for, and what it loads, stays. */
    public function inWords(DrillWords $words): self
    {
        return new self(
            $this->code,
            $this->family,
            $this->stage,
            $this->stages,
            $this->instead,
            $words->title,
            $words->pattern,
            $words->cadence,
            $words->countKind,
            $words->aim,
            $words->sets,
            $words->cue,
            $words->why,
            $this->work,
            $this->notes->teaching($words->how),
            $this->methods,
            $this->warmUp,
            $this->sound,
            $this->mainBy,
            $this->loadsOnly,
        );
    }

    /** Whether it is taught by those ways: of their method, with a pattern that the method jumps. */
    public function fits(Ways $ways): bool
    {
        return ([] === $this->methods || \in_array($ways->method, $this->methods, true))
            && (null === $this->warmUp || $this->warmUp === $ways->warmUp)
            && (null === $this->sound || $this->sound === $ways->sound)
            && $ways->method->allows($this->pattern);
    }

    /** Whether it is one of those that are worked through in turn; the others are there to be chosen. */
    public function isMainBy(Ways $ways): bool
    {
        return null !== $this->mainBy && \in_array($ways->method, $this->mainBy, true) && $this->fits($ways);
    }

    /** Whether what is counted in it tells of the gate of a stage: of what is worked through there, not of what goes with it. */
    public function tellsOfGateAt(Stage $stage): bool
    {
        return null !== $this->mainBy && $this->hasPlaceAt($stage);
    }

    public function hasPlaceAt(Stage $stage): bool
    {
        return \in_array($stage, $this->stages, true);
    }

    /**
     * The parts of the body it asks work of; empty: eyes and ears only.
     *
     * @return list<BodyPart>
     */
    public function loads(): array
    {
        return $this->loadsOnly ?? match ($this->work) {
            DrillWork::Jump => self::LEGS,
            DrillWork::Rope => self::ARMS,
            DrillWork::JumpAndRope => [...self::LEGS, ...self::ARMS],
            DrillWork::Still => [],
        };
    }

    /**
     * @param list<BodyPart> $sore
     */
    public function spares(array $sore): bool
    {
        // Nobody knows what loads a place that has no name here.
        return \in_array(BodyPart::Elsewhere, $sore, true)
            ? [] === $this->loads()
            : [] === array_filter($this->loads(), static fn (BodyPart $part): bool => \in_array($part, $sore, true));
    }

    /** A gym's own, not one of the library. */
    public function isOwn(): bool
    {
        return DrillFamily::Own === $this->family;
    }

    public function isWithoutLandings(): bool
    {
        return DrillWork::Rope === $this->work || DrillWork::Still === $this->work;
    }

    /** Landings a minute while it is done, rests within the pattern included; 0 when the feet stay down. */
    public function contactsPerMinute(): float
    {
        if ($this->isWithoutLandings()) {
            return 0.0;
        }
        $beats = PatternTiming::of($this->pattern, Rate::perMinute((float) $this->cadence));
        $last = $beats[\count($beats) - 1] ?? null;

        return null === $last || $last->endS <= 0.0 ? 0.0 : (60 * $this->pattern->contacts()) / $last->endS;
    }

    /** "3 × 30 s", in plain words. */
    public function dose(): string
    {
        $aim = match ($this->countKind) {
            CountKind::Streak => $this->aim.' unbroken',
            CountKind::Tries => $this->aim.' tries',
            CountKind::Hold => $this->aim.' s',
        };

        return \sprintf('%d × %s', $this->sets, $aim);
    }
}
