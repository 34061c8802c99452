<?php

declare(strict_types=1);

namespace Zumbo\Core\Method;

/**
 * How a gym, or one athlete in it, is taught: an answer to each question that schools answer differently.
 */
final readonly class Ways
{
    private function __construct(
        public Method $method,
        public Arms $arms,
        public Elbows $elbows,
        public JumpHeight $height,
        public Sound $sound,
        public GateRule $gates,
        public WarmUp $warmUp,
        public Dose $dose,
    ) {
    }

    public static function usual(): self
    {
        return self::of([]);
    }

    /**
     * @param array<string, string> ...$chosen answers by question, the later ones over the earlier: the gym's, the athlete's
     *
     * @throws UnknownWay when there is no such question or answer
     */
    public static function of(array ...$chosen): self
    {
        $answers = array_replace(...$chosen);
        foreach (array_keys($answers) as $question) {
            null !== WayKind::tryFrom($question) || throw UnknownWay::question($question);
        }
        $answer = static fn (WayKind $kind): string => isset($answers[$kind->value])
            && !\in_array($answers[$kind->value], $kind->answers(), true)
                ? throw UnknownWay::answer($kind, $answers[$kind->value])
                : $answers[$kind->value] ?? $kind->answers()[0];

        return new self(
            Method::from($answer(WayKind::Method)),
            Arms::from($answer(WayKind::Arms)),
            Elbows::from($answer(WayKind::Elbows)),
            JumpHeight::from($answer(WayKind::Height)),
            Sound::from($answer(WayKind::Sound)),
            GateRule::from($answer(WayKind::Gates)),
            WarmUp::from($answer(WayKind::WarmUp)),
            Dose::from($answer(WayKind::Dose)),
        );
    }

    public function answer(WayKind $kind): string
    {
        return match ($kind) {
            WayKind::Method => $this->method->value,
            WayKind::Arms => $this->arms->value,
            WayKind::Elbows => $this->elbows->value,
            WayKind::Height => $this->height->value,
            WayKind::Sound => $this->sound->value,
            WayKind::Gates => $this->gates->value,
            WayKind::WarmUp => $this->warmUp->value,
            WayKind::Dose => $this->dose->value,
        };
    }
}
