<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Job;

use Symfony\Component\Uid\Uuid;
use Zumbo\App\Platform\Write\VersionedRow;

/**
 * Long work as it stands in the queue.
 */
final readonly class Job implements VersionedRow
{
    /**
     * @param array<mixed>|null $result what was found or done
     */
    public function __construct(
        public Uuid $gymId,
        public Uuid $id,
        public string $kind,
        public JobState $state,
        public Uuid $askedBy,
        /** json or csv */
        public string $format,
        public int $done,
        public int $total,
        public ?array $result,
        public bool $cancelled,
        private int $version,
    ) {
    }

    public function version(): int
    {
        return $this->version;
    }
}
