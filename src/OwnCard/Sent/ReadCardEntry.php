<?php

declare(strict_types=1);

namespace Zumbo\App\OwnCard\Sent;

use Psr\Clock\ClockInterface;
use Zumbo\App\Entity\Log\AttemptKind;
use Zumbo\App\Platform\Clock\PastInstant;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\App\Shared\Entries\LoggedEntry;

/**
 * Reads what a card sent, now or from what was kept aside.
 */
final readonly class ReadCardEntry
{
    public function __construct(private ClockInterface $clock)
    {
    }

    /** @throws BadField when nothing is called so, one go has no end, or it is still to come */
    public function of(CardEntryInput $input): LoggedEntry
    {
        $kind = AttemptKind::from($input->kind);
        LoggedEntry::refuseUnknown($input->drill);

        return new LoggedEntry(
            $input->drill,
            $kind,
            $input->reps,
            $input->misses,
            LoggedEntry::end($kind, $input->end),
            $input->clean,
            PastInstant::of('at', $input->at, $this->clock->now()),
        );
    }

    public function kept(string $json): LoggedEntry
    {
        /** @var array{id: string, drill: string, kind: string, reps: int, at: string, misses: int, end: string|null, clean: bool} $entry */
        $entry = json_decode($json, true, flags: \JSON_THROW_ON_ERROR);

        return $this->of(new CardEntryInput(...$entry));
    }
}
