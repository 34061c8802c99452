<?php

declare(strict_types=1);

namespace Zumbo\Core\Pacing\Workout;

/**
 * Reads and writes workouts as text.
 *
 *     workout  = block { ";" "then" block } [ ";" "cap" time ]
 *     block    = head ":" station { "," station }
 *     head     = n "rounds" | "once" | n "-" n { "-" n } | "as many rounds as fit in" time | "every" time "," n "times"
 *              | n "times" time "on" "," time "off"
 *     station  = [ n ] "doubles" | [ n ] "singles" | "rest" time | [ n ] name time [ "each" ] [ "easy" | "tiring" ]
 *     time     = m ":" ss | n "s" | n "min"
 *
 * Line ends and semicolons part stations as commas do. Without a head the stations are done once. A station whose name is one of
 * legs, shoulders or running tires, others do not, unless it says so.
 */
final class WorkoutText
{
    private const TIME = '(\d{1,3}:[0-5]\d(?!\d)|\d{1,4}(?:\.\d+)?\s*(?:s|sec|secs|seconds?|m|min|mins|minutes?)(?![\p{L}\d]))';
    private const ACCEPTED_TIME = 'a time like 45 s, 2 min or 1:30';
    private const ACCEPTED_STATION = 'a station like "50 doubles", "20 squats 40 s", "squats 2 s each" or "rest 1:00"';
    private const MOST_STATIONS = 30;

    private int $at = 0;

    private function __construct(private readonly string $text)
    {
    }

    /** @throws WorkoutError with the place that can't be read */
    public static function read(string $text): Workout
    {
        return (new self($text))->workout();
    }

    private function workout(): Workout
    {
        $this->take('/\G\s*/');
        $head = $this->head();
        $blocks = [$this->block($head)];
        $cap = null;
        while ($this->at < \strlen($this->text)) {
            $this->take('/\G[\s,;]+/');
            if (null !== $this->take('/\G(?:time )?cap\b:?\s*/i')) {
                $cap = (int) $this->time();
            } elseif (WorkoutForm::ForTime === $head->form && null !== $this->take('/\Gthen\s+/i')) {
                $next = $this->head();
                if (WorkoutForm::ForTime !== $next->form) {
                    throw $this->refused('rounds, once, or counts like 10-20-30 after "then"');
                }
                $blocks[] = $this->block($next);
            } elseif ($this->at < \strlen($this->text)) {
                throw $this->refused('"then" and more rounds, or "cap" and a time');
            }
        }
        $this->take('/\G[\s,;.]*/');
        $workout = new Workout($head->form, $blocks, $head->windowS, $head->betweenS, $cap);

        return \count($workout->rounds()) > Workout::MOST_ROUNDS
            ? throw WorkoutError::at(1, $this->text, 'at most '.Workout::MOST_ROUNDS.' rounds')
            : $workout;
    }

    private function head(): WorkoutHead
    {
        $from = $this->at;
        foreach (WorkoutHead::FORMS as $form => $pattern) {
            $found = $this->take('/\G'.str_replace('TIME', self::TIME, $pattern).'\s*(?::(?!\d)|\n|$)[\s]*/iu');
            if (null !== $found) {
                return WorkoutHead::of($form, $found, self::seconds(...))
                    ?? throw WorkoutError::at($this->place($from), rtrim($found[0], ": \n"), WorkoutHead::ACCEPTED);
            }
        }
        if (1 === preg_match('/\G[^,;\n]*?:(?!\d)/', $this->text, $found, 0, $from)) {
            throw WorkoutError::at($this->place($from), rtrim($found[0], ':'), WorkoutHead::ACCEPTED);
        }

        return WorkoutHead::once();
    }

    private function block(WorkoutHead $head): WorkoutBlock
    {
        $from = $this->at;
        $stations = $each = [];
        do {
            [$stations[], $each[]] = $this->station($head);
            if (\count($stations) > self::MOST_STATIONS) {
                throw $this->refused('at most '.self::MOST_STATIONS.' stations in a round');
            }
        } while (null !== $this->take('/\G\s*[,;\n]\s*(?!\s*(?:then|cap|time cap)\b)(?=\S)/i'));
        $block = new WorkoutBlock($stations, max(1, $head->times), $head->ladder, $each);
        foreach ($stations as $one) {
            if ($one->isDoubles()) {
                return $block;
            }
        }
        throw WorkoutError::at($this->place($from), self::start(substr($this->text, $from)), 'at least one station of doubles');
    }

    /**
     * @return array{Station, float|null}
     */
    private function station(WorkoutHead $head): array
    {
        $from = $this->at;
        $found = $this->take('/\G(?:(\d{1,5})\s*[x×]?\s*)?(double[- ]unders?|doubles?|single[- ]unders?|singles?|rest)(?!\p{L})[ \t]*/iu');
        if (null !== $found && 0 !== strcasecmp($found[2], 'rest')) {
            $reps = '' === $found[1] ? 0 : (int) $found[1];
            if (('' === $found[1] && $head->asksForCounts()) || ('' !== $found[1] && ($reps < 1 || $reps > Workout::MOST_REPS))) {
                throw WorkoutError::at($this->place($from), trim($found[0]), 'a count from 1 to '.Workout::MOST_REPS.' before it');
            }

            return [0 === stripos($found[2], 'double') ? Station::doubles($reps) : Station::singles($reps), null];
        }
        if (null !== $found) {
            return [Station::rest($this->time($from)), null];
        }

        return $this->work($head, $from);
    }

    /**
     * @return array{Station, float|null}
     */
    private function work(WorkoutHead $head, int $from): array
    {
        $found = $this->take('/\G(?:(\d{1,5})\s+)?(\p{L}[\p{L}\' -]*?)(?=[ \t]+\d|[ \t]*[,;:\n)]|\s*$)[ \t]*/iu')
            ?? throw $this->refused(self::ACCEPTED_STATION);
        $seconds = $this->time($from);
        $each = null !== $this->take('/\G\s*each\b/i');
        $mark = strtolower(trim($this->take('/\G\s*(easy|tiring)\b/i')[0] ?? ''));
        $reps = '' === $found[1] ? 0 : (int) $found[1];
        if ($each && 0 === $reps && null === $head->ladder) {
            throw WorkoutError::at($this->place($from), self::start(substr($this->text, $from)), 'a count before what takes so long each');
        }
        $tires = '' === $mark ? null : 'tiring' === $mark;

        return [Station::work(trim($found[2]), $reps, $each ? $seconds * max(0, $reps) : $seconds, $tires), $each ? $seconds : null];
    }

    /** @param int|null $from where the station begins that has none */
    private function time(?int $from = null): float
    {
        $found = $this->take('/\G[ \t]*'.self::TIME.'[ \t]*/iu');
        if (null === $found) {
            $nothing = 1 === preg_match('/\G\s*(?:[,;\n]|$)/', $this->text, $ignored, 0, $this->at);
            throw $nothing && null !== $from
                ? WorkoutError::at($this->place($from), trim(substr($this->text, $from, $this->at - $from)), self::ACCEPTED_STATION)
                : $this->refused(self::ACCEPTED_TIME);
        }
        $seconds = self::seconds($found[1]);

        return $seconds > 0.0 && $seconds <= Workout::LONGEST_S ? $seconds : throw $this->refused(
            'from 1 s to '.Workout::LONGEST_S / 60 .' min',
        );
    }

    private static function seconds(string $time): float
    {
        if (str_contains($time, ':')) {
            [$minutes, $seconds] = explode(':', $time);

            return 60.0 * (int) $minutes + (int) $seconds;
        }

        return (float) $time * (1 === preg_match('/m/i', $time) ? 60 : 1);
    }

    private function refused(string $accepted): WorkoutError
    {
        $this->take('/\G[ \t]+/');

        return WorkoutError::at($this->place($this->at), self::start(substr($this->text, $this->at)), $accepted);
    }

    private static function start(string $rest): string
    {
        return 1 === preg_match('/^[^,;\n]{0,40}/u', ltrim($rest), $found) ? rtrim($found[0]) : '';
    }

    /** Of a byte, the character as people count: from 1. */
    private function place(int $byte): int
    {
        return (int) preg_match_all('/./us', substr($this->text, 0, $byte)) + 1;
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
