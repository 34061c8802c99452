<?php

declare(strict_types=1);

namespace Zumbo\App\Shared\Plan;

use Zumbo\App\Shared\BeatView;
use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Drill\Drill;
use Zumbo\Core\Measure\Rate;
use Zumbo\Core\Rhythm\PatternTiming;

/**
 * A drill with its pattern in time, to be drawn and played.
 */
final readonly class DrillView
{
    /** More than this is drawn and looped as its beginning: a run of one kind sounds the same for ever. */
    private const MOST_BEATS = 120;

    /** A strip that is only looked at: as many as it draws, and one by which it knows that there are more. */
    public const LOOKED_AT = 17;

    /**
     * @param list<BeatView> $beats one round of the pattern
     */
    private function __construct(
        public string $code,
        public string $title,
        /** The pattern as one reads it aloud. */
        public string $text,
        public string $notation,
        public int $cadencePerMin,
        public CountKind $countKind,
        public int $aim,
        public string $dose,
        public string $cue,
        public string $why,
        public array $beats,
    ) {
    }

    /**
     * @param string|null $cue   instead of the drill's own
     * @param int         $beats of the round, at most
     */
    public static function of(Drill $drill, ?string $cue = null, int $beats = self::MOST_BEATS): self
    {
        return new self(
            $drill->code,
            $drill->title,
            $drill->pattern->text(),
            $drill->pattern->notation(),
            $drill->cadence,
            $drill->countKind,
            $drill->aim,
            $drill->dose(),
            $cue ?? $drill->cue,
            $drill->why,
            array_map(
                BeatView::of(...),
                \array_slice(PatternTiming::of($drill->pattern, Rate::perMinute($drill->cadence)), 0, $beats),
            ),
        );
    }
}
