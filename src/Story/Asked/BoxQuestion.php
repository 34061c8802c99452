<?php

declare(strict_types=1);

namespace Zumbo\App\Story\Asked;

use Zumbo\Core\Measure\Verdict;

/**
 * What a coach may ask of the whole log.
 */
enum BoxQuestion: string
{
    case Ready = 'ready';
    case Linked = 'linked';
    case Stuck = 'stuck';
    case Trimmed = 'trimmed';
    case Easier = 'easier';
    case Away = 'away';
    case Rope = 'rope';
    case Off = 'off';
    case Most = 'most';
    case Record = 'record';
    case Cue = 'cue';
    case Own = 'self';

    public function asked(): Verdict
    {
        return match ($this) {
            self::Ready => Verdict::of('box.ask_ready'),
            self::Linked => Verdict::of('box.ask_linked'),
            self::Stuck => Verdict::of('box.ask_stuck'),
            self::Trimmed => Verdict::of('box.ask_trimmed'),
            self::Easier => Verdict::of('box.ask_easier'),
            self::Away => Verdict::of('box.ask_away'),
            self::Rope => Verdict::of('box.ask_rope'),
            self::Off => Verdict::of('box.ask_off'),
            self::Most => Verdict::of('box.ask_most'),
            self::Record => Verdict::of('box.ask_record'),
            self::Cue => Verdict::of('box.ask_cue'),
            self::Own => Verdict::of('box.ask_self'),
        };
    }

    /**
     * @param array<string, int|string> $values
     */
    public function answered(array $values): Verdict
    {
        return match ($this) {
            self::Ready => Verdict::of('box.ready', $values),
            self::Linked => Verdict::of('box.linked', $values),
            self::Stuck => Verdict::of('box.stuck', $values),
            self::Trimmed => Verdict::of('box.trimmed', $values),
            self::Easier => Verdict::of('box.easier', $values),
            self::Away => Verdict::of('box.away', $values),
            self::Rope => Verdict::of('box.rope', $values),
            self::Off => Verdict::of('box.off', $values),
            self::Most => Verdict::of('box.most', $values),
            self::Record => Verdict::of('box.record', $values),
            self::Own => Verdict::of('box.self', $values),
            self::Cue => throw new \LogicException('cues answer for themselves'),
        };
    }
}
