<?php

declare(strict_types=1);

namespace Zumbo\App\Log\Search;

use Symfony\Component\Uid\Uuid;
use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\App\Entity\Log\Found\EntryFilter;
use Zumbo\App\Entity\Log\Found\EntryPlace;
use Zumbo\App\Platform\Input\OneOf;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\Core\Stage\Stage;

/**
 * Which entries of the log, and from where on.
 */
final readonly class EntrySearchInput
{
    public function __construct(
        #[Assert\Uuid] public ?string $athlete = null,
        #[OneOf(Stage::class)] public ?string $stage = null,
        /** Code of what was done. */
        #[Assert\Length(min: 1, max: 40)] public ?string $drill = null,
        /** Who logged it. */
        #[Assert\Length(min: 1, max: 80)] public ?string $by = null,
        /** yes: only what athletes counted themselves; no: only what they did not. */
        #[Assert\Choice(['yes', 'no'])] public ?string $own = null,
        /** Code of a fault that was worked on then. */
        #[Assert\Length(min: 1, max: 24)] public ?string $fault = null,
        /** Id of a rope: its athlete's entries while they had it. */
        #[Assert\Uuid] public ?string $rope = null,
        /** First local day, like 2026-11-24. */
        #[Assert\Date] public ?string $from = null,
        /** Last local day. */
        #[Assert\Date] public ?string $to = null,
        /** As the page before it says `next`; left out: the newest. */
        #[Assert\Length(max: 80)] public ?string $after = null,
    ) {
    }

    /** @param RopeTime|null $rope null: no rope is asked for */
    public function filter(string $timeZone, ?RopeTime $rope): EntryFilter
    {
        $from = self::midnight($this->from, $timeZone, '+0 days');
        $until = self::midnight($this->to, $timeZone, '+1 day');

        return new EntryFilter(
            $rope->athlete ?? (null === $this->athlete ? null : Uuid::fromString($this->athlete)),
            null === $this->stage ? null : Stage::from($this->stage),
            $this->drill,
            $this->by,
            null === $this->own ? null : 'yes' === $this->own,
            $this->fault,
            null === $from || null === $rope ? $from ?? $rope?->from : max($from, $rope->from),
            null === $until || null === $rope?->until ? $until ?? $rope?->until : min($until, $rope->until),
        );
    }

    /** @throws BadField when it names no place in the log */
    public function after(): ?EntryPlace
    {
        return null === $this->after
            ? null
            : EntryPlace::read($this->after) ?? throw BadField::of('after', $this->after, 'what a page says as `next`');
    }

    private static function midnight(?string $day, string $timeZone, string $later): ?\DateTimeImmutable
    {
        return null === $day
            ? null
            : (new \DateTimeImmutable($day.' 00:00', new \DateTimeZone($timeZone)))
                ->modify($later)
                ->setTimezone(new \DateTimeZone('UTC'));
    }
}
