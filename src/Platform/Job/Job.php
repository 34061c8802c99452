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
    public function __construct(
        private JobCodec $codec,
        public Uuid $gymId,
        public Uuid $id,
        public string $kind,
        public JobState $state,
        public Uuid $askedBy,
        private string $request,
        public int $done,
        public int $total,
        private ?string $result,
        /** Why nothing came of it, as a sentence; null: something did, or may yet. */
        public ?string $fault,
        public bool $cancelled,
        private int $version,
    ) {
    }

    /**
     * What was asked for.
     *
     * @template T of object
     *
     * @param class-string<T> $class the DTO it was added with
     *
     * @return T
     */
    public function request(string $class): object
    {
        return $this->codec->read($this->request, $class);
    }

    /**
     * What was found or done; null: nothing yet, or a fault.
     *
     * @template T of object
     *
     * @param class-string<T> $class the DTO its handler's outcome carries
     *
     * @return T|null
     */
    public function result(string $class): ?object
    {
        return null === $this->result ? null : $this->codec->read($this->result, $class);
    }

    /** The same, as a worker has it that takes it up. */
    public function takenUp(): self
    {
        return new self(
            $this->codec,
            $this->gymId,
            $this->id,
            $this->kind,
            $this->state->whileWorked() ?? $this->state,
            $this->askedBy,
            $this->request,
            0,
            0,
            $this->result,
            $this->fault,
            $this->cancelled,
            $this->version + 1,
        );
    }

    public function version(): int
    {
        return $this->version;
    }
}
