<?php

declare(strict_types=1);

namespace Zumbo\App\Exchange\Format;

/**
 * Cuts a JSON object that may be larger than memory into its members, and the lists among them into their elements. It
 * only finds where a value ends; what the value is PHP's own decoder says.
 */
final class JsonMembers
{
    private const PIECE_BYTES = 65_536;
    private const MOST_VALUE_BYTES = 1_000_000;
    private const MOST_DEPTH = 8;

    private const STRING = '/"(?:[^"\\\\]++|\\\\.)*+"/As';
    private const BARE = '/[^,\]}\s]++/A';
    /** All that opens and closes nothing. */
    private const WITHIN = '/(?:[^"{}\[\]]++|"(?:[^"\\\\]++|\\\\.)*+")++/As';

    private string $buffer = '';
    private int $at = 0;

    /**
     * @param resource $stream
     */
    private function __construct(private $stream)
    {
    }

    /**
     * @param resource $stream
     *
     * @return \Generator<int, array{string, int|null, mixed}> name, place in its list, value; a list comes first as
     *                                                         itself, without a place and empty
     *
     * @throws NoJson where it can't go on
     */
    public static function of($stream): \Generator
    {
        return (new self($stream))->members();
    }

    /**
     * @return \Generator<int, array{string, int|null, mixed}>
     */
    private function members(): \Generator
    {
        $this->fill();
        $this->at = str_starts_with($this->buffer, "\u{FEFF}") ? 3 : 0;
        $this->expect('{');
        $between = '}' === $this->peek() ? $this->next() : ',';
        while (',' === $between) {
            $name = $this->decoded();
            if (!\is_string($name)) {
                throw $this->stuck();
            }
            $this->expect(':');
            if ('[' === $this->peek()) {
                yield [$name, null, []];
                yield from $this->elements($name);
            } else {
                yield [$name, null, $this->decoded()];
            }
            $between = $this->next();
        }
        if ('}' !== $between || null !== $this->peek()) {
            throw $this->stuck();
        }
    }

    /**
     * @return \Generator<int, array{string, int, mixed}>
     */
    private function elements(string $name): \Generator
    {
        $this->expect('[');
        $between = ']' === $this->peek() ? $this->next() : ',';
        for ($i = 0; ',' === $between; ++$i) {
            yield [$name, $i, $this->decoded()];
            $between = $this->next();
        }
        if (']' !== $between) {
            throw $this->stuck();
        }
    }

    private function decoded(): mixed
    {
        $this->peek();
        $end = $this->end();
        $text = substr($this->buffer, $this->at, $end - $this->at);
        try {
            $value = json_decode($text, true, self::MOST_DEPTH, \JSON_THROW_ON_ERROR);
        } catch (\JsonException) {
            throw $this->stuck();
        }
        $this->at += \strlen($text);

        return $value;
    }

    /** Where the value ends that begins here. */
    private function end(): int
    {
        $depth = 0;
        $i = $this->at;
        do {
            $char = $this->charAt($i) ?? throw $this->stuck();
            if ('{' === $char || '[' === $char) {
                ++$depth;
                ++$i;
            } elseif ('}' === $char || ']' === $char) {
                --$depth;
                ++$i;
            } else {
                $i = $this->past($depth > 0 ? self::WITHIN : ('"' === $char ? self::STRING : self::BARE), $i);
            }
        } while ($depth > 0);

        return $i;
    }

    /** The end of what the pattern matches from there on; the file is read on where that may be more than is there. */
    private function past(string $pattern, int $i): int
    {
        do {
            preg_match($pattern, $this->buffer, $match, 0, $i);
            $end = $i + \strlen($match[0] ?? '');
            $whole = $end > $i && ('"' === $this->buffer[$end - 1] || isset($this->buffer[$end]));
            $whole = $whole && '"' !== ($this->buffer[$end] ?? '');
        } while (!$whole && $this->fill());

        return $end > $i ? $end : throw $this->stuck();
    }

    private function charAt(int $i): ?string
    {
        while ($i >= \strlen($this->buffer)) {
            if (!$this->fill()) {
                return null;
            }
        }

        return $this->buffer[$i];
    }

    /** What stands next, after blanks; null: the end. */
    private function peek(): ?string
    {
        do {
            $this->at += strspn($this->buffer, " \t\r\n", $this->at);
            if ($this->at > self::PIECE_BYTES) {
                $this->buffer = substr($this->buffer, $this->at);
                $this->at = 0;
            }
        } while (!isset($this->buffer[$this->at]) && $this->fill());

        return $this->buffer[$this->at] ?? null;
    }

    private function next(): ?string
    {
        $char = $this->peek();
        ++$this->at;

        return $char;
    }

    private function expect(string $char): void
    {
        if ($char !== $this->peek()) {
            throw $this->stuck();
        }
        ++$this->at;
    }

    /** @return bool false at the end of the file */
    private function fill(): bool
    {
        if (\strlen($this->buffer) - $this->at > self::MOST_VALUE_BYTES) {
            throw $this->stuck();
        }
        $piece = (string) fread($this->stream, self::PIECE_BYTES);
        $this->buffer .= $piece;

        return '' !== $piece;
    }

    private function stuck(): NoJson
    {
        return NoJson::near(substr($this->buffer, max(0, $this->at - 10), 40));
    }
}
