<?php

declare(strict_types=1);

namespace Zumbo\Core\Today;

/**
 * The classes of a week, one line each: `Tue 18:30 Evening class`; several days may stand before one hour
 * (`Mon, Wed, Fri 6:30 pm`, `Mon-Fri 06:30`).
 */
final readonly class ClassTimes
{
    public const MOST = 40;
    public const LONGEST_NAME = 60;
    public const LIKE = 'a day, an hour and a name, like Tue 18:30 Evening class';

    private const DAYS = ['mo' => 1, 'tu' => 2, 'we' => 3, 'th' => 4, 'fr' => 5, 'sa' => 6, 'su' => 7];
    private const DAY = '(?:mo(?:n(?:day)?)?|tu(?:e(?:s(?:day)?)?)?|we(?:d(?:nesday)?)?|th(?:u(?:r(?:s(?:day)?)?)?)?|fr(?:i(?:day)?)?'
        .'|sa(?:t(?:urday)?)?|su(?:n(?:day)?)?)s?';
    private const LINE = '/^(?<days>'.self::DAY.'(?:\s*(?:,|and|&|\+|\/|-|–|to|\s)\s*'.self::DAY.')*)[\s,:]+(?:at\s+)?'
        .'(?<hour>\d{1,2})(?:[:.h](?<minute>\d{2}))?\s*(?<half>[ap]\.?m\.?)?(?:\s+(?<name>.*))?$/iu';

    /** @param list<ClassTime> $times by day and hour, each day and hour once */
    private function __construct(public array $times)
    {
    }

    public static function none(): self
    {
        return new self([]);
    }

    /** @throws UnreadableClassTimes which names the line, what stands there and what would be right */
    public static function read(string $written): self
    {
        $lines = preg_split('/\R/u', $written);
        $times = [];
        foreach (false === $lines ? [] : $lines as $i => $line) {
            if ('' === trim($line)) {
                continue;
            }
            foreach (self::line($i + 1, trim($line)) as $time) {
                $times[\sprintf('%d %04d', $time->weekday, $time->minute)] = $time;
            }
            if (\count($times) > self::MOST) {
                throw UnreadableClassTimes::at($i + 1, trim($line), \sprintf('at most %d classes a week', self::MOST));
            }
        }
        ksort($times);

        return new self(array_values($times));
    }

    public function written(): string
    {
        return implode("\n", array_map(static fn (ClassTime $time): string => $time->written(), $this->times));
    }

    /**
     * @return list<ClassTime> by hour
     */
    public function on(\DateTimeImmutable $localDay): array
    {
        $weekday = (int) $localDay->format('N');

        return array_values(array_filter($this->times, static fn (ClassTime $time): bool => $time->weekday === $weekday));
    }

    /** Whether there are classes on that day and on others: then who comes on one need not come on another. */
    public function tellsApart(\DateTimeImmutable $localDay): bool
    {
        $tonight = $this->on($localDay);

        return [] !== $tonight && \count($tonight) < \count($this->times);
    }

    /**
     * @return list<ClassTime>
     */
    private static function line(int $number, string $line): array
    {
        if (1 !== preg_match(self::LINE, $line, $found)) {
            throw UnreadableClassTimes::at($number, $line, self::LIKE);
        }
        $minute = self::minute((int) $found['hour'], (int) ($found['minute'] ?? 0), strtolower($found['half'] ?? ''));
        $name = trim((string) preg_replace('/\s+/u', ' ', $found['name'] ?? ''));
        if (null === $minute || mb_strlen($name) > self::LONGEST_NAME) {
            throw UnreadableClassTimes::at($number, $line, match (null === $minute) {
                true => 'an hour like 18:30 or 6:30 pm',
                false => \sprintf('a name of at most %d characters', self::LONGEST_NAME),
            });
        }

        return array_map(static fn (int $day): ClassTime => new ClassTime($day, $minute, $name), self::days($found['days']));
    }

    private static function minute(int $hour, int $minute, string $half): ?int
    {
        if ('' !== $half) {
            if ($hour < 1 || $hour > 12) {
                return null;
            }
            $hour = $hour % 12 + ('p' === $half[0] ? 12 : 0);
        }

        return $hour < 24 && $minute < 60 ? 60 * $hour + $minute : null;
    }

    /**
     * @return list<int>
     */
    private static function days(string $written): array
    {
        preg_match_all('/(?<to>-|–|\bto\b)?\s*\b(?<day>'.self::DAY.')\b/iu', $written, $found, \PREG_SET_ORDER);
        $days = [];
        foreach ($found as ['to' => $to, 'day' => $day]) {
            $one = self::DAYS[strtolower(substr($day, 0, 2))];
            $last = end($days);
            // From Friday to Monday goes over the end of the week.
            $from = '' !== $to && false !== $last ? $last % 7 + 1 : $one;
            for ($next = $from; $next !== $one; $next = $next % 7 + 1) {
                $days[] = $next;
            }
            $days[] = $one;
        }

        return array_values(array_unique($days));
    }
}
