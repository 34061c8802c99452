<?php

declare(strict_types=1);

namespace Zumbo\Core\Rhythm;

/**
 * Reads the pattern notation by recursive descent (grammar: docs/notation.md).
 */
final class PatternParser
{
    private const JUMPS = 'a jump (s, S, q, d, t), a count before one, a group in brackets, or a rest like r10';
    private const DEEPEST = 4;
    private const MOST_CHARACTERS = 400;
    private const MOST_DIGITS = 4;
    private const LONGEST_REST_S = 3600;

    private int $at = 0;

    private function __construct(private readonly string $text)
    {
    }

    /** @throws PatternError */
    public static function parse(string $notation): Pattern
    {
        if (\strlen($notation) > self::MOST_CHARACTERS) {
            throw PatternError::at(self::MOST_CHARACTERS, substr($notation, self::MOST_CHARACTERS - 1, 1), 'at most '.self::MOST_CHARACTERS.' characters');
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

        return $pattern->jumps() > Pattern::MOST_JUMPS ? throw PatternError::tooLong($this->at + 1) : $pattern;
    }

    private function item(int $depth): PatternItem
    {
        return match (true) {
            '(' === $this->peek() => $this->group($depth),
            'r' === $this->peek() => $this->rest(),
            default => $this->run(),
        };
    }

    private function run(): JumpRun
    {
        $counted = self::isDigit($this->peek());
        $count = $counted ? $this->number('a count from 1') : 1;
        $kind = JumpKind::tryFrom($this->peek()) ?? throw $this->unexpected($counted ? 'a jump (s, S, q, d, t) after the count' : self::JUMPS);
        ++$this->at;

        return new JumpRun($kind, $count);
    }

    private function group(int $depth): Group
    {
        if ($depth >= self::DEEPEST) {
            throw $this->unexpected('at most '.self::DEEPEST.' brackets inside each other');
        }
        ++$this->at;
        $pattern = $this->pattern($depth + 1);
        if (')' !== $this->peek()) {
            throw $this->unexpected('a closing bracket');
        }
        ++$this->at;
        if ('x' !== $this->peek()) {
            return new Group($pattern, 1);
        }
        ++$this->at;
        $times = $this->number('how many times, like x4');

        return $times * max(1, $pattern->jumps()) > Pattern::MOST_JUMPS ? throw PatternError::tooLong($this->at) : new Group($pattern, $times);
    }

    private function rest(): Rest
    {
        ++$this->at;
        $seconds = $this->number('seconds, like r10');

        return $seconds > self::LONGEST_REST_S ? throw PatternError::at($this->at, (string) $seconds, 'a rest of at most '.self::LONGEST_REST_S.' s') : new Rest($seconds);
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
