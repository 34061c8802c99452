<?php

declare(strict_types=1);

namespace Zumbo\App\OwnCard\Keep;

use Zumbo\App\Entity\Card\CardAside;
use Zumbo\App\Entity\Log\AttemptKind;
use Zumbo\App\Shared\AttemptView;
use Zumbo\App\Shared\Entries\LoggedEntry;
use Zumbo\Core\Sets\WorkCode;

/**
 * An entry that a card sent after its link was taken back, made before: keep or drop?
 */
final readonly class AsideView
{
    private function __construct(
        public string $id,
        public int $version,
        /** UTC, ISO 8601: when it was made. */
        public string $madeAt,
        /** What was done. */
        public string $work,
        /** "14, stopped". */
        public string $sentence,
    ) {
    }

    public static function of(CardAside $aside, LoggedEntry $entry): self
    {
        return new self(
            $aside->id()->toRfc4122(),
            $aside->version(),
            $aside->madeAt()->format('Y-m-d\TH:i:s\Z'),
            WorkCode::title($entry->drill),
            AttemptView::said($entry->kind, $entry->reps, AttemptKind::Streak === $entry->kind ? 0 : $entry->misses, $entry->end),
        );
    }
}
