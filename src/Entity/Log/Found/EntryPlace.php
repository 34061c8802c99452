<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Log\Found;

use Symfony\Component\Uid\Uuid;

/**
 * Where an entry stands in the log: by its time, then by its id.
 */
final readonly class EntryPlace
{
    public function __construct(public \DateTimeImmutable $at, public Uuid $id)
    {
    }

    /** As a page names the one after it. */
    public function text(): string
    {
        return $this->at->format('Y-m-d\TH:i:s\Z').','.$this->id->toRfc4122();
    }

    /** Null: it names none. */
    public static function read(string $text): ?self
    {
        [$at, $id] = [...explode(',', $text, 2), ''];
        $instant = \DateTimeImmutable::createFromFormat('!Y-m-d\TH:i:s\Z', $at, new \DateTimeZone('UTC'));

        return false === $instant || !Uuid::isValid($id) ? null : new self($instant, Uuid::fromString($id));
    }
}
