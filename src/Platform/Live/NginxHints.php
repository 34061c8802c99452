<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Live;

use Symfony\Component\Uid\Uuid;

/**
 * Publishes hints and live events to nginx, which holds the listeners, so that PHP never holds a stream.
 */
final readonly class NginxHints implements Hints, LiveEvents
{
    public function __construct(private NginxChannels $nginx)
    {
    }

    public function changed(Uuid $gym, int $revision, ?string $kind): void
    {
        $this->publish($gym, rtrim(\sprintf('changed %d %s', $revision, $kind)));
    }

    public function happened(Uuid $gym, object $event): void
    {
        $this->publish($gym, json_encode($event, \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION));
    }

    private function publish(Uuid $gym, string $message): void
    {
        $this->nginx->publish('publish/'.$gym->toRfc4122(), $message);
    }
}
