<?php

declare(strict_types=1);

namespace Zumbo\Core\Sets\Interval;

/**
 * Reads the text form of an interval programme.
 *
 *     programme = part { ";" part }
 *     part      = "rest" time | "(" programme ")" [ "x" times ] | time [ "/" time ] [ "x" rounds ] [ ":" stations ]
 *     stations  = name { "," name }
 */
final class IntervalParser
{
    private const DEEPEST = 6;
    private const MOST_PARTS = 40;

    private int $at = 0;

    private function __construct(private readonly string $text)
    {
    }

    /** @throws IntervalError naming the part that can't be read */
    public static function parse(string $text): IntervalPart
    {
        $parser = new self($text);
        $programme = $parser->programme(1);

        return $parser->at < \strlen($text) ? throw IntervalError::unreadable($text) : $programme;
    }

    private function programme(int $depth): IntervalPart
    {
        if ($depth > self::DEEPEST) {
            throw IntervalError::of('brackets', (string) $depth, 'at most '.self::DEEPEST.' inside each other');
        }
        $parts = [];
        do {
            $parts[] = $this->part($depth);
            if (\count($parts) > self::MOST_PARTS) {
                throw IntervalError::of('parts', (string) \count($parts), 'at most '.self::MOST_PARTS);
            }
        } while (null !== $this->take('/\G\s*;/'));

        return 1 === \count($parts) ? $parts[0] : new IntervalGroup($parts, 1);
    }

    private function part(int $depth): IntervalPart
    {
        if (null !== $this->take('/\G\s*\(/')) {
            $inside = $this->programme($depth + 1);
            $closed = $this->take('/\G\s*\)\s*(?:[x×]\s*(\d{1,3}))?\s*/u') ?? throw IntervalError::unreadable($this->text);
            $times = (int) ($closed[1] ?? 1);
            if ($times < 1 || $times > IntervalSet::MOST_ROUNDS) {
                throw IntervalError::of('times', (string) $times, 'from 1 to '.IntervalSet::MOST_ROUNDS);
            }

            if (1 === $times) {
                return $inside;
            }

            return new IntervalGroup($inside instanceof IntervalGroup && 1 === $inside->times ? $inside->parts : [$inside], $times);
        }
        $pause = $this->take('/\G\s*rest\s+([\d:]+)\s*s?\s*/i');
        if (null !== $pause) {
            return new IntervalPause(self::within(ClockTime::read('rest', $pause[1])));
        }
        $block = $this->take('/\G\s*([\d:]*\d)\s*s?\s*(?:\/\s*([\d:]*\d)\s*s?\s*)?(?:[x×]\s*(\d{1,3})\s*)?(?::([^;()]*))?/u')
            ?? throw IntervalError::unreadable($this->text);

        return IntervalSet::of(
            ClockTime::read('work', $block[1]),
            '' === ($block[2] ?? '') ? 0 : ClockTime::read('rest', $block[2]),
            '' === ($block[3] ?? '') ? 1 : (int) $block[3],
            '' === trim($block[4] ?? '') ? [] : explode(',', $block[4]),
        );
    }

    private static function within(int $seconds): int
    {
        return $seconds < 1 || $seconds > IntervalSet::LONGEST_S
            ? throw IntervalError::of('rest', $seconds.' s', 'from 1 to '.IntervalSet::LONGEST_S.' s')
            : $seconds;
    }

    /**
     * @return array<array-key, string>|null what was met, or null and nothing is taken
     */
    private function take(string $pattern): ?array
    {
        if (1 !== preg_match($pattern, $this->text, $found, 0, $this->at)) {
            return null;
        }
        $this->at += \strlen($found[0]);

        return $found;
    }
}
