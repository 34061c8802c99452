<?php

declare(strict_types=1);

namespace Zumbo\App\ClassHour\Clock;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\App\Shared\Access\LinkSecret;
use Zumbo\Core\Sets\Clock\SharedClock;

/**
 * A clock for the class: who does what, under one start.
 */
final readonly class ClassClockInput
{
    /**
     * @param list<ProgrammeInput> $programmes
     */
    public function __construct(
        #[Assert\Count(min: 1, max: 40)] #[Assert\Valid] public array $programmes,
        /** Of the athletes' link, made by the device. */
        #[\SensitiveParameter]
        #[Assert\Regex(LinkSecret::PATTERN, message: LinkSecret::FORM)]
        public string $linkSecret,
        #[Assert\Range(min: 0, max: SharedClock::LONGEST_COUNT_IN_S)] public int $countInS = 10,
    ) {
    }

    /**
     * @return list<array{title: string, text: string, keepLastRest: bool, athletes: list<string>}>
     *
     * @throws BadField when somebody would do two things at once, or a text can't be read
     */
    public function kept(): array
    {
        return ProgrammesInput::keptOf($this->programmes);
    }
}
