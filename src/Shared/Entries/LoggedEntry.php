<?php

declare(strict_types=1);

namespace Zumbo\App\Shared\Entries;

use Zumbo\App\Entity\Log\AttemptKind;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\Core\Rhythm\HeardBeat;
use Zumbo\Core\Sets\WorkCode;
use Zumbo\Core\Streak\AttemptEnd;

/**
 * What was done and how it went, whoever counted it.
 */
final readonly class LoggedEntry
{
    public function __construct(
        /** Code of what was done. */
        public string $drill,
        public AttemptKind $kind,
        public int $reps,
        public int $misses,
        /** Of a single go only. */
        public ?AttemptEnd $end,
        public bool $clean,
        public \DateTimeImmutable $at,
        /** Of the take that was heard; null: it was counted by eye. */
        public ?HeardBeat $beat = null,
    ) {
    }

    /** @throws BadField when a single go has no end */
    public static function end(AttemptKind $kind, ?string $end): ?AttemptEnd
    {
        if (AttemptKind::Streak !== $kind) {
            return null;
        }

        return null === $end
            ? throw BadField::of('end', null, 'one of '.implode(', ', array_column(AttemptEnd::cases(), 'value')))
            : AttemptEnd::from($end);
    }

    /** @throws BadField when nothing is called so */
    public static function refuseUnknown(string $drill): void
    {
        if (!\in_array($drill, WorkCode::all(), true)) {
            throw BadField::of('drill', $drill, 'one of '.implode(', ', WorkCode::all()));
        }
    }
}
