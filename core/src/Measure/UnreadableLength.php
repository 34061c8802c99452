<?php

declare(strict_types=1);

namespace Zumbo\Core\Measure;

/**
 * A text that is not a length, or that could be two lengths.
 */
final class UnreadableLength extends \InvalidArgumentException implements CoreException
{
    public const ACCEPTED = "175, 175 cm, 1.75 m, 5'9\" or 5 ft 9";

    private function __construct(string $message, public readonly string $text, public readonly string $accepted)
    {
        parent::__construct($message);
    }

    public static function because(string $text, string $reason): self
    {
        return new self(
            \sprintf('"%s": %s; write it like %s', self::shorten($text), $reason, self::ACCEPTED),
            $text,
            self::ACCEPTED,
        );
    }

    /**
     * @param non-empty-list<string> $readings the ways it could be meant, each as one would write it plainly
     */
    public static function ambiguous(string $text, array $readings): self
    {
        $question = implode(' or ', $readings);

        return new self(
            \sprintf('"%s" could be %s: write the unit', self::shorten($text), $question),
            $text,
            $question,
        );
    }

    private static function shorten(string $text): string
    {
        $clean = (string) preg_replace('/[[:cntrl:]]/u', '?', $text);

        return (string) preg_replace('/^(.{40}).+$/us', '$1…', $clean);
    }
}
