<?php

declare(strict_types=1);

namespace Zumbo\Core\Rhythm;

/**
 * Reads the pattern notation by recursive descent (grammar: docs/notation.md).
 */
final class PatternParser
{
    private const JUMPS = 'a jump (s, S, q, d, t), a count before one, a group in brackets, work like w20(3s d), or a rest like r10';
    private const DEEPEST = 4;
    private const MOST_CHARACTERS = 400;
    private const MOST_DIGITS = 4;
    private const LONGEST_S = 3600;
    private const MOST_RUNGS = 200;

    private int $at = 0;

    /** The number of the rung that is read, inside a ladder. */
    private ?int $rung = null;
    private int $rungsRead = 0;

    private function __construct(private readonly string $text)
    {
    }

    /** @throws PatternError */
    public static function parse(string $notation): Pattern
    {
        if (\strlen($notation) > self::MOST_CHARACTERS) {
            throw PatternError::at(
                self::MOST_CHARACTERS,
                substr($notation, self::MOST_CHARACTERS - 1, 1),
                'at most '.self::MOST_CHARACTERS.' characters',
            );
        }
        $parser = new self($notation);
        $pattern = $parser->pattern(0);
        if ('' !== $parser->peek()) {
            throw $parser->unexpected(self::JUMPS);
        }

        return $pattern;
    }

    private function pattern(int $depth): Pattern
    {
        $items = [];
        $this->skipBlanks();
        while ('' !== $this->peek() && ')' !== $this->peek()) {
            $items[] = $this->item($depth);
            $this->skipBlanks();
        }
        if ([] === $items) {
            throw $this->unexpected(self::JUMPS);
        }
        $pattern = Pattern::of($items);

        return $pattern->most() > Pattern::MOST_JUMPS ? throw PatternError::tooLong($this->at + 1) : $pattern;
    }

    private function item(int $depth): PatternItem
    {
        return match (true) {
            '(' === $this->peek() => $this->group($depth),
            'r' === $this->peek() => $this->rest(),
            'w' === $this->peek() => $this->work($depth),
            default => $this->run(),
        };
    }

    private function run(): JumpRun
    {
        $byRung = 'n' === $this->peek();
        if ($byRung && null === $this->rung) {
            throw $this->unexpected('n only in the brackets of a ladder, like (nd)n=1..5');
        }
        $counted = $byRung || self::isDigit($this->peek());
        $count = !$byRung && $counted ? $this->number('a count from 1') : max(1, $this->rung ?? 1);
        $count = $counted ? $count : 1;
        if ($byRung) {
            ++$this->at;
            ++$this->rungsRead;
        }
        $kind =
            JumpKind::tryFrom($this->peek()) ??
            throw $this->unexpected($counted ? 'a jump (s, S, q, d, t) after the count' : self::JUMPS);
        ++$this->at;
        $footwork = ':' === $this->peek() ? $this->footwork() : null;
        $unbroken = '!' === $this->peek();
        $this->at += $unbroken ? 1 : 0;

        return new JumpRun($kind, $count, $footwork, $unbroken, $byRung);
    }

    private function footwork(): Footwork
    {
        ++$this->at;
        $name = substr($this->text, $this->at, strspn($this->text, 'abcdefghijklmnopqrstuvwxyz-', $this->at));
        $footwork =
            Footwork::tryFrom($name) ??
            throw PatternError::at(
                $this->at + 1,
                '' === $name ? $this->peek() : $name,
                'one of '.
                    implode(', ', array_map(static fn (Footwork $one): string => $one->value, Footwork::cases())),
            );
        $this->at += \strlen($name);

        return $footwork;
    }

    private function group(int $depth): Group|LadderItem
    {
        if ($depth >= self::DEEPEST) {
            throw $this->unexpected('at most '.self::DEEPEST.' brackets inside each other');
        }
        $after = $this->closing() + 1;
        if ('n' === substr($this->text, $after, 1)) {
            return $this->ladder($depth, $after);
        }
        $pattern = $this->inside($depth);
        if ('x' !== $this->peek()) {
            return new Group($pattern, 1);
        }
        ++$this->at;
        $times = $this->number('how many times, like x4');

        return $times * $pattern->most() > Pattern::MOST_JUMPS
            ? throw PatternError::tooLong($this->at)
            : new Group($pattern, $times);
    }

    /** The pattern between two brackets. */
    private function inside(int $depth): Pattern
    {
        if ('(' !== $this->peek()) {
            throw $this->unexpected('an opening bracket');
        }
        ++$this->at;
        $pattern = $this->pattern($depth + 1);
        if (')' !== $this->peek()) {
            throw $this->unexpected('a closing bracket');
        }
        ++$this->at;

        return $pattern;
    }

    /** Where the bracket that opens here closes; the end when it does not. */
    private function closing(): int
    {
        $open = 0;
        $end = \strlen($this->text);
        for ($i = $this->at; $i < $end; ++$i) {
            $open += match ($this->text[$i]) {
                '(' => 1,
                ')' => -1,
                default => 0,
            };
            if (0 === $open) {
                return $i;
            }
        }

        return $end;
    }

    /** The numbers come first, as they stand in the rungs; then the brackets are read once for each. */
    private function ladder(int $depth, int $after): LadderItem
    {
        if (null !== $this->rung) {
            throw $this->unexpected('no ladder inside a ladder');
        }
        [$start, $this->at] = [$this->at, $after];
        [$turningPoints, $step] = $this->rungs();
        $end = $this->at;
        $numbers = LadderItem::numbers($turningPoints, $step);
        if (\count($numbers) > self::MOST_RUNGS) {
            throw PatternError::at($after + 1, (string) \count($numbers), 'at most '.self::MOST_RUNGS.' rungs');
        }
        $before = $this->rungsRead();
        $rungs = [];
        foreach ($numbers as $number) {
            [$this->at, $this->rung] = [$start, $number];
            $rungs[] = $this->inside($depth);
        }
        [$this->at, $this->rung] = [$end, null];
        if ($this->rungsRead() === $before) {
            throw PatternError::at($start + 1, '(', 'n as a count in the brackets of a ladder, like (nd)n=1..5');
        }

        return new LadderItem($rungs, $turningPoints, $step);
    }

    private function rungsRead(): int
    {
        return $this->rungsRead;
    }

    /**
     * @return array{non-empty-list<int>, int<1, max>}
     */
    private function rungs(): array
    {
        if ('n=' !== substr($this->text, $this->at, 2)) {
            throw $this->unexpected('the rungs of a ladder, like n=1..5');
        }
        $this->at += 2;
        $points = [$this->number('a rung from 1')];
        while ('..' === substr($this->text, $this->at, 2) && \count($points) < 3) {
            $this->at += 2;
            $points[] = $this->number('a rung from 1');
        }
        if (\count($points) < 2) {
            throw $this->unexpected('where the ladder leads to, like n=1..5');
        }
        if ('/' !== $this->peek()) {
            return [$points, 1];
        }
        ++$this->at;

        return [$points, $this->number('how far from rung to rung, like n=2..20/2')];
    }

    private function work(int $depth): Work
    {
        ++$this->at;
        $seconds = $this->seconds('seconds of work, like w20(3s d)');
        $pattern = $this->inside($depth);
        if (
            0 === $pattern->jumps()
            || [] !== array_filter($pattern->items, static fn (PatternItem $item): bool => $item instanceof Work)
        ) {
            throw PatternError::at($this->at, ')', 'jumps in the brackets of work');
        }

        return new Work($seconds, $pattern);
    }

    private function rest(): Rest
    {
        ++$this->at;

        return new Rest($this->seconds('seconds, like r10'));
    }

    /**
     * @return int<1, max>
     */
    private function seconds(string $accepted): int
    {
        $seconds = $this->number($accepted);

        return $seconds > self::LONGEST_S
            ? throw PatternError::at($this->at, (string) $seconds, 'at most '.self::LONGEST_S.' s')
            : $seconds;
    }

    /**
     * @return int<1, max>
     */
    private function number(string $accepted): int
    {
        $digits = substr($this->text, $this->at, strspn($this->text, '0123456789', $this->at));
        $number = (int) $digits;
        if ($number < 1 || \strlen($digits) > self::MOST_DIGITS) {
            throw PatternError::at($this->at + 1, '' === $digits ? $this->peek() : $digits, $accepted);
        }
        $this->at += \strlen($digits);

        return $number;
    }

    private function skipBlanks(): void
    {
        $this->at += strspn($this->text, " \t", $this->at);
    }

    private static function isDigit(string $character): bool
    {
        return 1 === preg_match('/^\d$/', $character);
    }

    private function peek(): string
    {
        return substr($this->text, $this->at, 1);
    }

    private function unexpected(string $accepted): PatternError
    {
        return PatternError::at($this->at + 1, (string) preg_replace('/[^\x20-\x7E]/', '?', $this->peek()), $accepted);
    }
}
