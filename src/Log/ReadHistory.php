<?php

declare(strict_types=1);

namespace Zumbo\App\Log;

use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\Log\Attempts;
use Zumbo\App\Entity\Trail\Trail;
use Zumbo\App\Entity\Trail\TrailDeed;
use Zumbo\App\Entity\Trail\TrailLine;
use Zumbo\App\Shared\Trail\SayChanges;

/**
 * What became of an entry since it was written.
 */
final readonly class ReadHistory
{
    public function __construct(private Attempts $attempts, private Trail $trail)
    {
    }

    /**
     * @return list<EntryHistoryView> that it was written first
     */
    public function of(Uuid $id): array
    {
        $entry = $this->attempts->get($id);
        $names = $this->trail->names();

        return [
            new EntryHistoryView($entry->loggedAt()->format('Y-m-d\TH:i:s\Z'), $entry->loggedBy(), TrailDeed::Made, []),
            ...array_map(static fn (TrailLine $line): EntryHistoryView => new EntryHistoryView(
                $line->doneAt->format('Y-m-d\TH:i:s\Z'),
                $line->doneBy,
                $line->deed,
                SayChanges::of($line, $names),
            ), $this->trail->ofRow('attempt', $id)),
        ];
    }
}
