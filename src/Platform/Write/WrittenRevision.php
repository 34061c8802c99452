<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Write;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\FinishRequestEvent;
use Symfony\Component\HttpKernel\Event\ResponseEvent;
use Symfony\Component\HttpKernel\KernelEvents;

/**
 * The revision that this request's write raised the gym to, told in a header: whoever made the change need not be told of it
 * again by the change feed.
 */
final class WrittenRevision
{
    public const HEADER = 'Zumbo-Revision';

    private ?int $revision = null;

    public function note(int $revision): void
    {
        $this->revision = $revision;
    }

    #[AsEventListener(KernelEvents::RESPONSE)]
    public function onResponse(ResponseEvent $event): void
    {
        if ($event->isMainRequest() && null !== $this->revision) {
            $event->getResponse()->headers->set(self::HEADER, (string) $this->revision);
        }
    }

    /** Between two requests of one process: tests. */
    #[AsEventListener(KernelEvents::FINISH_REQUEST)]
    public function onFinish(FinishRequestEvent $event): void
    {
        if ($event->isMainRequest()) {
            $this->revision = null;
        }
    }
}
