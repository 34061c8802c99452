<?php

declare(strict_types=1);

namespace Zumbo\App\ClassHour\Notes;

/**
 * Notes of some evenings.
 */
final readonly class NotesView
{
    public function __construct(
        /** The local day that is now, like 2026-11-24. */
        public string $today,
        /** @var list<NoteView> the newest evening first */
        public array $notes,
        /** What to ask for with `before`, for the evenings before; null: there are none. */
        public ?string $next,
    ) {
    }
}
