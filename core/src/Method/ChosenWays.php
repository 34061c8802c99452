<?php

declare(strict_types=1);

namespace Zumbo\Core\Method;

/**
 * What a gym, or a coach for one athlete, answered of the questions that schools answer differently; the rest is as it is
 * elsewhere. Written as "method=even-jump arms=long".
 */
final readonly class ChosenWays
{
    /**
     * @param array<string, string> $answers by question, in the order of WayKind
     */
    private function __construct(public array $answers)
    {
    }

    public static function none(): self
    {
        return new self([]);
    }

    /**
     * @param array<string, string> $answers by question
     *
     * @throws UnknownWay when there is no such question or answer
     */
    public static function of(array $answers): self
    {
        Ways::of($answers);
        $inOrder = [];
        foreach (WayKind::cases() as $kind) {
            if (isset($answers[$kind->value])) {
                $inOrder[$kind->value] = $answers[$kind->value];
            }
        }

        return new self($inOrder);
    }

    /** @throws UnknownWay when it is written otherwise */
    public static function read(string $written): self
    {
        $answers = [];
        foreach (array_filter(explode(' ', $written), static fn (string $one): bool => '' !== $one) as $one) {
            [$question, $answer] = [...explode('=', $one, 2), ''];
            $answers[$question] = $answer;
        }

        return self::of($answers);
    }

    public function written(): string
    {
        return implode(' ', array_map(
            static fn (string $question, string $answer): string => $question.'='.$answer,
            array_keys($this->answers),
            $this->answers,
        ));
    }
}
