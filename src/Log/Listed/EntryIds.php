<?php

declare(strict_types=1);

namespace Zumbo\App\Log\Listed;

use Symfony\Component\Uid\UuidV7;

/**
 * The ids of a list's entries: the list's own, but for the last four bytes, which count. So the entries of a list are found by
 * its id alone.
 */
final readonly class EntryIds
{
    private const COUNTED = 4;

    public function __construct(private UuidV7 $list)
    {
    }

    public function of(int $line): UuidV7
    {
        return $this->with($line);
    }

    public function first(): UuidV7
    {
        return $this->with(0);
    }

    public function last(): UuidV7
    {
        return $this->with(0xFFFFFFFF);
    }

    private function with(int $count): UuidV7
    {
        return UuidV7::fromBinary(substr($this->list->toBinary(), 0, -self::COUNTED).pack('N', $count));
    }
}
