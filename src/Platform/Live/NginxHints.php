<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Live;

use Psr\Log\LoggerInterface;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\Uid\Uuid;

/**
 * Publishes hints and live events to nginx over a local socket; nginx holds the listeners, so that PHP never holds a
 * stream.
 */
final readonly class NginxHints implements Hints, LiveEvents
{
    private const MOST_MS = 300;

    public function __construct(
        #[Autowire('%env(default::ZUMBO_PUBLISH_SOCKET)%')] private ?string $socket,
        private LoggerInterface $logger,
    ) {
    }

    public function changed(Uuid $gym): void
    {
        $this->publish($gym, 'changed');
    }

    public function happened(Uuid $gym, object $event): void
    {
        $this->publish($gym, json_encode($event, \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION));
    }

    private function publish(Uuid $gym, string $message): void
    {
        if (null === $this->socket || '' === $this->socket) {
            return;
        }
        $request = curl_init('http://localhost/publish/'.$gym->toRfc4122());
        if (false === $request) {
            return;
        }
        curl_setopt_array($request, [
            \CURLOPT_UNIX_SOCKET_PATH => $this->socket,
            \CURLOPT_POSTFIELDS => $message,
            \CURLOPT_HTTPHEADER => ['Content-Type: text/plain'],
            \CURLOPT_RETURNTRANSFER => true,
            \CURLOPT_TIMEOUT_MS => self::MOST_MS,
        ]);
        if (false === curl_exec($request)) {
            $this->logger->warning('a hint was lost: '.curl_error($request));
        }
        curl_close($request);
    }
}
