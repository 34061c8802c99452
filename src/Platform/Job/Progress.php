<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Job;

/**
 * How far a job is, told to the queue every so many steps; there it also hears that it was called off.
 */
final class Progress
{
    private const EVERY = 250;

    private int $done = 0;
    private int $total = 0;

    /**
     * @param \Closure(int, int): bool $tell done, total; answers whether to go on
     */
    public function __construct(private readonly \Closure $tell)
    {
    }

    /** Of work that nobody watches. */
    public static function unseen(): self
    {
        return new self(static fn (): bool => true);
    }

    /** @throws JobCancelled */
    public function begin(int $total): void
    {
        [$this->done, $this->total] = [0, $total];
        $this->say();
    }

    /** @throws JobCancelled */
    public function step(): void
    {
        ++$this->done;
        if (0 === $this->done % self::EVERY || $this->done === $this->total) {
            $this->say();
        }
    }

    /** Tells at once, for work whose steps take long. @throws JobCancelled */
    public function at(int $done): void
    {
        $this->done = $done;
        $this->say();
    }

    private function say(): void
    {
        if (!($this->tell)($this->done, $this->total)) {
            throw new JobCancelled();
        }
    }
}
