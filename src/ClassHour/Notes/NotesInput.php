<?php

declare(strict_types=1);

namespace Zumbo\App\ClassHour\Notes;

use Symfony\Component\Validator\Constraints as Assert;

/**
 * Which evenings' notes.
 */
final readonly class NotesInput
{
    public function __construct(
        /** Of evenings before that local day, like 2026-11-24; left out: the newest. */
        #[Assert\Date] public ?string $before = null,
    ) {
    }

    public function before(): ?\DateTimeImmutable
    {
        return null === $this->before ? null : new \DateTimeImmutable($this->before);
    }
}
