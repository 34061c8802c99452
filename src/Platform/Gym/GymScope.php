<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Gym;

use Symfony\Component\Uid\Uuid;

/**
 * The gym in whose name this request (or command) works. Set once; everything that touches rows asks here.
 */
final class GymScope
{
    private ?Uuid $gym = null;

    /** @throws \LogicException when another gym was entered before: one request never works for two */
    public function enter(Uuid $gym): void
    {
        if (null !== $this->gym && !$this->gym->equals($gym)) {
            throw new \LogicException('a request can\'t change its gym');
        }
        $this->gym = $gym;
    }

    /** Between two requests of one process: tests, workers. */
    public function leave(): void
    {
        $this->gym = null;
    }

    public function isEntered(): bool
    {
        return null !== $this->gym;
    }

    /** @throws \LogicException when no gym was entered: a route that forgot to ask who is there */
    public function gymId(): Uuid
    {
        return $this->gym ?? throw new \LogicException('no gym entered');
    }
}
