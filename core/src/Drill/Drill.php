<?php

declare(strict_types=1);

namespace Zumbo\Core\Drill;

use Zumbo\Core\Body\BodyPart;
use Zumbo\Core\Measure\Rate;
use Zumbo\Core\Rhythm\Pattern;
use Zumbo\Core\Rhythm\PatternTiming;
use Zumbo\Core\Stage\Stage;

/**
 * One thing to practise: what to jump, at which beat, how much of it, and the one cue that goes with it.
 */
final readonly class Drill
{
    public function __construct(
        /** Stable name in the record. */
        public string $code,
        public Stage $stage,
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
    ) {
    }

    /**
     * The parts of the body it asks work of.
     *
     * @return list<BodyPart>
     */
    public function loads(): array
    {
        $legs = [
            BodyPart::Foot, BodyPart::Ankle, BodyPart::Achilles, BodyPart::Shin, BodyPart::Calf, BodyPart::Knee,
            BodyPart::Hip, BodyPart::Back,
        ];

        return match ($this->work) {
            DrillWork::Jump => $legs,
            DrillWork::Rope => [BodyPart::Wrist, BodyPart::Shoulder],
            DrillWork::JumpAndRope => [...$legs, BodyPart::Wrist, BodyPart::Shoulder],
        };
    }

    /** Landings a minute while it is done, rests within the pattern included; 0 when the feet stay down. */
    public function contactsPerMinute(): float
    {
        if (DrillWork::Rope === $this->work) {
            return 0.0;
        }
        $beats = PatternTiming::of($this->pattern, Rate::perMinute((float) $this->cadence));
        $last = $beats[\count($beats) - 1] ?? null;

        return null === $last || $last->endS <= 0.0 ? 0.0 : (60 * $this->pattern->contacts()) / $last->endS;
    }

    /** "3 sets of 30 s", in plain words. */
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
