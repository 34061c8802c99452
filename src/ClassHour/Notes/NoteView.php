<?php

declare(strict_types=1);

namespace Zumbo\App\ClassHour\Notes;

use Zumbo\App\Entity\Evening\EveningNote;

/**
 * What a coach wanted to remember of an evening.
 */
final readonly class NoteView
{
    private function __construct(
        public string $id,
        public string $localDay,
        public string $text,
        public string $by,
        public string $at,
        public bool $removed,
        public int $version,
    ) {
    }

    public static function of(EveningNote $note): self
    {
        return new self(
            $note->id()->toRfc4122(),
            $note->localDay()->format('Y-m-d'),
            $note->text(),
            $note->writtenBy(),
            $note->writtenAt()->format(\DATE_ATOM),
            $note->isRemoved(),
            $note->version(),
        );
    }
}
